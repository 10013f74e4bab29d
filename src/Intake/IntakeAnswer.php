<?php

declare(strict_types=1);

namespace App\Intake;

use App\Cupboard\ColourAnswer;
use BrightCupboard\Core\Colour\ColourNames;
use BrightCupboard\Core\Colour\ColourShare;
use BrightCupboard\Core\Intake\IntakeReading;
use BrightCupboard\Core\Stock\Finish;
use BrightCupboard\Core\Stock\Hazard;
use BrightCupboard\Core\Stock\Material;
use BrightCupboard\Core\Stock\PieceKind;
use BrightCupboard\Core\Stock\Season;

/** A line as it was read: lengths in tenths of a millimetre, weight in grams, money in minor units; null where nothing was said. */
final readonly class IntakeAnswer
{
    /**
     * @param list<ColourAnswer>   $colours
     * @param string               $inColours the colours in words
     * @param list<Material>     $materials
     * @param list<Season>       $seasons
     * @param list<Hazard>       $hazards
     * @param list<string>       $guesses
     * @param list<QuestionAnswer> $questions empty when it can be taken in
     * @param list<QuestionAnswer> $assumed   what is taken for granted, with what it could be instead
     * @param list<string>         $unknown   words that say nothing known, kept in the name
     */
    private function __construct(
        public string $name,
        public ?PieceKind $kind,
        public int $count,
        public ?int $width,
        public ?int $depth,
        public ?int $height,
        public ?int $laidOut,
        public ?int $weight,
        public array $colours,
        public string $inColours,
        public array $materials,
        public Finish $finish,
        public array $seasons,
        public array $hazards,
        public string $shape,
        public string $pattern,
        public string $origin,
        public ?int $costEach,
        public ?string $place,
        public string $care,
        public array $guesses,
        public array $questions,
        public array $assumed,
        public array $unknown,
    ) {}

    public static function of(IntakeReading $r, ColourNames $names): self
    {
        $words = array_map(static fn(ColourShare $share): string => $names->of($share->colour), $r->colours);

        return new self(
            $r->name,
            $r->kind,
            $r->count,
            $r->width?->tenths(),
            $r->depth?->tenths(),
            $r->height?->tenths(),
            $r->laidOut?->tenths(),
            $r->weight?->grams(),
            array_map(static fn(ColourShare $share): ColourAnswer => new ColourAnswer($share->colour->hex(), $share->percent), $r->colours),
            implode(', ', $words),
            $r->materials,
            $r->finish,
            $r->seasons,
            $r->hazards,
            $r->shape,
            $r->pattern,
            $r->origin,
            $r->costEach?->minor,
            $r->place,
            $r->care,
            $r->guesses,
            array_map(QuestionAnswer::of(...), $r->questions),
            array_map(QuestionAnswer::of(...), $r->assumed),
            $r->unknown,
        );
    }
}
