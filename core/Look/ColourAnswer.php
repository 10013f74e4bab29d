<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Look;

/** The ribbon nearest to one colour, how far off it is (CIEDE2000), the score 0 to 1 that this earns, and whether it is louder than any ribbon. */
final readonly class ColourAnswer
{
    public function __construct(public string $hex, public int $ribbon, public float $distance, public float $score, public bool $rests, public bool $isLoud) {}
}
