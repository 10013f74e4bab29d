<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Coach;

/** A measured value and the stretch it should lie in, all as shares 0 to 1 of the scale drawn. */
final readonly class Band
{
    public function __construct(public float $value, public float $low, public float $high) {}

    /** How far outside the stretch it is; 0 inside. */
    public function miss(): float
    {
        return max(0.0, $this->low - $this->value, $this->value - $this->high);
    }

    public function verdict(float $tolerance): Verdict
    {
        return match (true) {
            $this->miss() < 1e-9 => Verdict::Good,
            $this->miss() <= $tolerance + 1e-9 => Verdict::LookAgain,
            default => Verdict::Fix,
        };
    }
}
