<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Storage\Internal;

use BrightCupboard\Core\Measure\Size;

/**
 * The room inside a tote while it is filled: boxes of it that are still free, none over another.
 *
 * What is laid into one of them leaves three: beside it, behind it and above it; so everything lies on the bottom or
 * wholly on something. Lowest first, then where least is wasted.
 *
 * @internal
 */
final class ToteSpace
{
    /** @var list<array{int, int, int, int, int, int}> free: left, behind, bottom, width, depth, height */
    private array $free;

    /** @param bool $deep whether what is behind keeps the corner, where otherwise the larger of beside and behind does */
    public function __construct(Size $inside, private readonly bool $deep = false)
    {
        $this->free = [[0, 0, 0, $inside->width->tenths(), $inside->depth->tenths(), $inside->height->tenths()]];
    }

    /**
     * @param list<Laying> $ways in which it may be laid
     *
     * @return array{Laying, int, int, int}|null how it lies: left, behind the front, bottom; null when it goes in nowhere
     */
    public function lay(array $ways): ?array
    {
        $best = null;
        foreach ($this->free as $i => [$x, $y, $z, $w, $d, $h]) {
            foreach ($ways as $way) {
                if ($way->width > $w || $way->depth > $d || $way->height > $h) {
                    continue;
                }
                $waste = min($w - $way->width, $d - $way->depth);
                $cost = [$z + $way->height, $waste, $z, $y, $x];
                if (null === $best || $cost < $best[0]) {
                    $best = [$cost, $i, $way];
                }
            }
        }
        if (null === $best) {
            return null;
        }
        [, $i, $way] = $best;
        [$x, $y, $z, $w, $d, $h] = $this->free[$i];
        array_splice($this->free, $i, 1, $this->left($way, $x, $y, $z, $w, $d, $h));

        return [$way, $x, $y, $z];
    }

    /** @param list<Laying> $ways */
    public function hasRoomFor(array $ways): bool
    {
        foreach ($this->free as [, , , $w, $d, $h]) {
            foreach ($ways as $way) {
                if ($way->width <= $w && $way->depth <= $d && $way->height <= $h) {
                    return true;
                }
            }
        }

        return false;
    }

    /** @return list<array{int, int, int, int, int, int}> what is left of a free box: the larger of beside and behind keeps the corner */
    private function left(Laying $way, int $x, int $y, int $z, int $w, int $d, int $h): array
    {
        $isWide = !$this->deep && ($w - $way->width) * $d > ($d - $way->depth) * $w;
        $left = [
            [$x + $way->width, $y, $z, $w - $way->width, $isWide ? $d : $way->depth, $h],
            [$x, $y + $way->depth, $z, $isWide ? $way->width : $w, $d - $way->depth, $h],
            [$x, $y, $z + $way->height, $way->width, $way->depth, $h - $way->height],
        ];

        return array_values(array_filter($left, static fn(array $box): bool => $box[3] > 0 && $box[4] > 0 && $box[5] > 0));
    }
}
