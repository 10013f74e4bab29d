<?php

declare(strict_types=1);

namespace App\Look;

final readonly class FitColourAnswer
{
    public function __construct(
        public string $hex,
        public int $percent,
        public string $ribbon,
        public float $distance,
        public float $score,
        public bool $rests,
    ) {}
}
