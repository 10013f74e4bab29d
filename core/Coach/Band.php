<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Coach;

/** A measured value and the stretch it should lie in, all as shares 0 to 1 of the scale drawn. */
final readonly class Band
{
    public function __construct(public float $value, public float $low, public float $high) {}

    public function verdict(float $tolerance): Verdict
    {
        return match (true) {
            $this->value >= $this->low && $this->value <= $this->high => Verdict::Good,
            $this->value >= $this->low - $tolerance && $this->value <= $this->high + $tolerance => Verdict::LookAgain,
            default => Verdict::Fix,
        };
    }
}
