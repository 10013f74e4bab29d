<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Coach;

/** How strongly each side of a spot pulls. */
final readonly class Moments
{
    public function __construct(public float $left, public float $right) {}

    /** |L − R| / (L + R): 0 when level, 1 when all is on one side; 0 when nothing pulls. */
    public function imbalance(): float
    {
        $sum = $this->left + $this->right;

        return $sum > 0.0 ? abs($this->left - $this->right) / $sum : 0.0;
    }

    /** With one more: to the left it is negative. */
    public function and(float $moment): self
    {
        return new self($this->left + max(0.0, -$moment), $this->right + max(0.0, $moment));
    }

    public function lighterSide(): string
    {
        return $this->left <= $this->right ? 'left' : 'right';
    }
}
