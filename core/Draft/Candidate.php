<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Draft;

use BrightCupboard\Core\Coach\FreePlace;
use BrightCupboard\Core\Look\PieceFit;

/** A piece that could stand here: how well, why, where along the ledge, and what it does to the balance. */
final readonly class Candidate
{
    /** @param list<string> $reasons */
    public function __construct(
        public Available $available,
        public int $score,
        public PieceFit $fit,
        public array $reasons,
        public FreePlace $place,
        public float $imbalanceBefore,
        public float $imbalanceAfter,
    ) {}
}
