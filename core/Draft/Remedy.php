<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Draft;

use BrightCupboard\Core\Coach\Check;
use BrightCupboard\Core\Coach\PlacedPiece;

/** One act that was tried and betters a dressed spot: the whole score before and after, and the finding it answers. */
final readonly class Remedy
{
    /** @param PlacedPiece $piece as it will be; what is taken off as it was */
    public function __construct(
        public Check $answers,
        public RemedyAct $act,
        public PlacedPiece $piece,
        public float $before,
        public float $after,
    ) {}
}
