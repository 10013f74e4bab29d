<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Look;

/**
 * The ribbon nearest to one colour, how far off it is (CIEDE2000), and from 0 to 1 what this earns, how much it
 * rests and how far it is louder than any ribbon.
 */
final readonly class ColourAnswer
{
    public function __construct(
        public string $hex,
        public int $ribbon,
        public float $distance,
        public float $score,
        public float $rests,
        public float $loudness,
    ) {}
}
