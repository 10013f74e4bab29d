<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Floor;

use BrightCupboard\Core\Measure\Length;

/**
 * Where furniture stands: its left and far edge from the left and the far wall, and how often it is turned by a
 * quarter; unturned its front looks at the near wall.
 */
final readonly class FloorPlace
{
    /** Depth of the strip along its front under which its front legs are (memory). */
    private const FRONT_LEGS = 4 * Length::TENTHS_PER_INCH;

    public int $turns;

    public function __construct(public Length $left, public Length $top, int $turns = 0)
    {
        $this->turns = (($turns % 4) + 4) % 4;
    }

    public function box(Furniture $furniture): Box
    {
        [$wide, $deep] = 0 === $this->turns % 2 ? [
            $furniture->width->tenths(),
            $furniture->depth->tenths(),
        ] : [$furniture->depth->tenths(), $furniture->width->tenths()];

        return new Box($this->left->tenths(), $this->top->tenths(), $this->left->tenths() + $wide, $this->top->tenths() + $deep);
    }

    /** Where its front legs stand. */
    public function front(Furniture $furniture): Box
    {
        $box = $this->box($furniture);

        return match ($this->turns) {
            0 => new Box($box->left, max($box->top, $box->bottom - self::FRONT_LEGS), $box->right, $box->bottom),
            1 => new Box($box->left, $box->top, min($box->right, $box->left + self::FRONT_LEGS), $box->bottom),
            2 => new Box($box->left, $box->top, $box->right, min($box->bottom, $box->top + self::FRONT_LEGS)),
            default => new Box(max($box->left, $box->right - self::FRONT_LEGS), $box->top, $box->right, $box->bottom),
        };
    }

    public function equals(self $other): bool
    {
        return $this->left->tenths() === $other->left->tenths() && $this->top->tenths() === $other->top->tenths() && $this->turns === $other->turns;
    }
}
