<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Intake;

use BrightCupboard\Core\Colour\ColourShare;
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Measure\Weight;
use BrightCupboard\Core\Money\Money;
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
     * @param list<Question>    $questions empty when the piece can be taken in
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
    ) {}
}
