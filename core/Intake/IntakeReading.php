<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Intake;

use BrightCupboard\Core\Colour\ColourShare;
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Measure\Weight;
use BrightCupboard\Core\Money\Money;
use BrightCupboard\Core\Stock\Assumed;
use BrightCupboard\Core\Stock\Finish;
use BrightCupboard\Core\Stock\Hazard;
use BrightCupboard\Core\Stock\Material;
use BrightCupboard\Core\Stock\PieceKind;
use BrightCupboard\Core\Stock\Season;

/** One line of text as a piece, with what was taken for granted and what has to be asked. */
final readonly class IntakeReading
{
    /**
     * @param list<ColourShare> $colours
     * @param list<Material>    $materials
     * @param list<Season>      $seasons
     * @param list<Hazard>      $hazards
     * @param string|null       $place     key of the place; null when none was named
     * @param list<string>      $guesses   sentences: what was completed by the usual
     * @param list<Question>    $questions at most one that matters; empty when the piece can be taken in
     * @param list<Question>    $assumed   what a sensible person would take it to be where nothing was said, with what else it could be
     * @param list<string>      $unknown   words that say nothing known: they are kept in the name
     */
    public function __construct(
        public string $name,
        public ?PieceKind $kind,
        public int $count,
        public ?Length $width,
        public ?Length $depth,
        public ?Length $height,
        public ?Length $laidOut,
        public ?Weight $weight,
        public array $colours,
        public array $materials,
        public Finish $finish,
        public array $seasons,
        public array $hazards,
        public string $shape,
        public string $pattern,
        public string $origin,
        public ?Money $costEach,
        public ?string $place,
        public string $care,
        public array $guesses,
        public array $questions,
        public array $assumed = [],
        public array $unknown = [],
    ) {}

    /** @return list<Assumed> what stands for the usual until somebody looks */
    public function assumedOf(): array
    {
        return array_values(array_filter(array_map(static fn(Question $one): ?Assumed => match ($one->field) {
            'size' => Assumed::Size,
            'colours' => Assumed::Colour,
            'count' => Assumed::Count,
            default => null,
        }, $this->assumed)));
    }
}
