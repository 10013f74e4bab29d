<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Sizing;

/** The picture of a sum, to scale: marks in tenths of a millimetre from its upper left corner, those behind first. */
final readonly class Sketch
{
    public int $width;
    public int $height;
    /** @var list<Mark> */
    public array $marks;

    /**
     * The frame is drawn round the marks; they may lie anywhere.
     *
     * @param list<Mark> $marks
     * @param bool       $isLaid with a tape along its lower edge
     */
    public function __construct(array $marks, public bool $isLaid = true)
    {
        $xs = array_merge(...array_map(static fn(Mark $mark): array => $mark->xs(), $marks));
        $ys = array_merge(...array_map(static fn(Mark $mark): array => $mark->ys(), $marks));
        if ([] === $xs || [] === $ys) {
            throw new \LogicException('A picture shows something.');
        }
        [$left, $top] = [min($xs), min($ys)];
        $this->width = max(1, max($xs) - $left);
        $this->height = max(1, max($ys) - $top);
        $this->marks = array_map(static fn(Mark $mark): Mark => $mark->shifted(-$left, -$top), $marks);
    }
}
