<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Draft;

use BrightCupboard\Core\Stock\Piece;

/** A piece with units not yet placed in this swap. */
final readonly class Available
{
    /**
     * @param string      $where    the nearest unit is, in words
     * @param float       $nearness 1 at hand, 0 taken from where it stands
     * @param string|null $lastSpot id of where it stood when this season was last dressed
     * @param string|null $takenFrom name of the spot that is left with a hole
     */
    public function __construct(
        public Piece $piece,
        public int $free,
        public string $where,
        public int $wornSeasons = 0,
        public float $nearness = 0.7,
        public ?string $lastSpot = null,
        public ?string $takenFrom = null,
    ) {}
}
