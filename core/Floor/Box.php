<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Floor;

/** A rectangle on the floor in tenths of a millimetre: from the left wall to the right, from the far wall to the near one. */
final readonly class Box
{
    public function __construct(public int $left, public int $top, public int $right, public int $bottom) {}

    /** Larger by so much on every side. */
    public function grown(int $by): self
    {
        return new self($this->left - $by, $this->top - $by, $this->right + $by, $this->bottom + $by);
    }

    /** Whether they share more than an edge. */
    public function overlaps(self $other): bool
    {
        return $this->left < $other->right && $other->left < $this->right && $this->top < $other->bottom && $other->top < $this->bottom;
    }

    public function contains(self $other): bool
    {
        return $this->left <= $other->left && $other->right <= $this->right && $this->top <= $other->top && $other->bottom <= $this->bottom;
    }

    /** Of this one's area, the part that the other covers: 0 to 1. */
    public function coveredBy(self $other): float
    {
        $wide = max(0, min($this->right, $other->right) - max($this->left, $other->left));
        $deep = max(0, min($this->bottom, $other->bottom) - max($this->top, $other->top));

        return $wide * $deep / max(1, ($this->right - $this->left) * ($this->bottom - $this->top));
    }

    /** From its nearest edge to a point, straight. */
    public function distanceTo(int $x, int $y): float
    {
        return hypot(max($this->left - $x, 0, $x - $this->right), max($this->top - $y, 0, $y - $this->bottom));
    }
}
