<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Draft;

use BrightCupboard\Core\Coach\Check;
use BrightCupboard\Core\Look\PieceFit;
use BrightCupboard\Core\Surface\Stance;

/** A piece that could go here: how well, in which role, where, and what it does to the score of the whole. */
final readonly class Candidate
{
    /**
     * @param int    $score of the piece for the spot, with what it does to the whole, 0 to 100
     * @param string $side  left, middle or right
     * @param float  $gain  what the score of the whole spot gains when it is put there
     * @param list<Check> $mends what would have to be mended then and has not now
     */
    public function __construct(
        public Available $available,
        public int $score,
        public PieceFit $fit,
        public SpotRole $role,
        public bool $isLacking,
        public string $side,
        public Stance $stance,
        public float $gain,
        public array $mends = [],
    ) {}
}
