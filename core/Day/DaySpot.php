<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Day;

use BrightCupboard\Core\Stock\Piece;
use BrightCupboard\Core\Surface\Spot;

/** A spot as swap day sees it: its room, and how early it is dressed (focal spots have the lowest rank). */
final readonly class DaySpot
{
    /**
     * @param int                $round  place of the room on the walk through the house, from 0
     * @param bool               $isBare whether nothing stays standing there while it is set up
     * @param array<string, int>       $hung    how high up what is to hang on its wall reaches from the floor, in tenths of a millimetre, by piece
     * @param list<array{Piece, int}>  $shifted what stays there, so many units, and is to stand otherwise
     */
    public function __construct(
        public Spot $spot,
        public string $room,
        public int $round,
        public int $focalRank,
        public bool $isBare = true,
        public array $hung = [],
        public array $shifted = [],
    ) {}
}
