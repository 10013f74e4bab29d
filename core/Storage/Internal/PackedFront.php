<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Storage\Internal;

/**
 * The front of a tote while it is packed: stacks side by side and on one another, each as deep as units stand behind one another in it.
 *
 * @internal
 */
final class PackedFront
{
    /** How much wider than the stack before it a unit may be. */
    private const LOOKS_OUT_BY = 1.1;

    /** @var list<array{left: int, width: int, bottom: int, height: int, depth: int}> */
    private array $stacks = [];

    public function __construct(private readonly int $width, private readonly int $depth) {}

    /**
     * The lowest place for a unit: behind others in a stack, else beside or on them.
     *
     * @return array{int, int, int} left, bottom, behind
     */
    public function place(Posture $unit): array
    {
        [$left, $bottom] = $this->lowest($unit->width);
        foreach ($this->stacks as $i => $stack) {
            if ($stack['bottom'] <= $bottom && $this->hasRoomBehind($stack, $unit)) {
                $this->stacks[$i]['depth'] += max(1, $unit->depth);
                $this->stacks[$i]['height'] = max($stack['height'], $unit->height);

                return [$stack['left'], $stack['bottom'], $stack['depth']];
            }
        }
        $this->stacks[] = ['left' => $left, 'width' => $unit->width, 'bottom' => $bottom, 'height' => $unit->height, 'depth' => max(1, $unit->depth)];

        return [$left, $bottom, 0];
    }

    /** @return array{int, int} left and bottom */
    private function lowest(int $width): array
    {
        [$left, $bottom] = [0, $this->topAcross(0, $width)];
        foreach ($this->stacks as $stack) {
            $next = $stack['left'] + $stack['width'];
            $top = $this->topAcross($next, $width);
            if ($next + $width <= $this->width && [$top, $next] < [$bottom, $left]) {
                [$left, $bottom] = [$next, $top];
            }
        }

        return [$left, $bottom];
    }

    private function topAcross(int $left, int $width): int
    {
        return max([0, ...array_map(static fn(array $stack): int => $stack['left'] < $left + $width && $left < $stack['left'] + $stack['width'] ? $stack['bottom'] + $stack['height'] : 0, $this->stacks)]);
    }

    /** @param array{left: int, width: int, bottom: int, height: int, depth: int} $stack */
    private function hasRoomBehind(array $stack, Posture $unit): bool
    {
        $top = $stack['bottom'] + $stack['height'];

        return $unit->width <= $stack['width'] * self::LOOKS_OUT_BY
            && $stack['depth'] + $unit->depth <= $this->depth
            && ($unit->height <= $stack['height'] || $this->topAcross($stack['left'], $stack['width']) <= $top);
    }
}
