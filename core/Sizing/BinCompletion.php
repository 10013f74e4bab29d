<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Sizing;

/**
 * Bin completion (Korn 2002) over rolls of several lengths: roll by roll, only fillings to which no cut that is left could be
 * added, fullest first, waste within what can be spared, dead ends remembered. Exponential at worst in the number of different
 * lengths; it gives up after NODES rolls or STEPS of filling, and says so. One object for one search.
 *
 * @internal
 */
final class BinCompletion
{
    private const NODES = 12_000;
    /** Fillings tried for one roll before the search gives up being complete. */
    private const FILLINGS = 400;
    /** Steps of filling altogether. */
    private const STEPS = 60_000;

    /** @var array<string, true> dead ends */
    private array $dead = [];
    private int $nodes = 0;
    private int $steps = 0;
    private bool $isComplete = true;

    /** @param list<int> $lengths different lengths of cuts, the longest first */
    public function __construct(private readonly array $lengths) {}

    /** Whether every way was seen: then, what was not found does not exist. */
    public function isExhaustive(): bool
    {
        return $this->isComplete;
    }

    /**
     * Owned rolls first, which misses nothing; then new ones first, each with the longest cut that is left, which
     * finds most of what the first way had no time for.
     *
     * @param list<int> $owned
     * @param list<int> $new
     * @param array<int, int> $left
     *
     * @return list<array<int, int>>|null owned ones first
     */
    public function plan(array $owned, array $new, array $left): ?array
    {
        $found = $this->search([...$owned, ...$new], \count($owned), \count($owned) + \count($new), $left);
        if (null !== $found || $this->isExhaustive()) {
            return $found;
        }
        [$this->dead, $this->nodes, $this->steps] = [[], 0, 0];
        $found = $this->search([...$new, ...array_reverse($owned)], 0, \count($new), $left);
        $this->isComplete = false;

        return null === $found ? null : [...array_reverse(\array_slice($found, \count($new))), ...\array_slice($found, 0, \count($new))];
    }

    /**
     * @param list<int> $capacities
     * @param int       $leadFrom   from this roll on the longest cut that is left has to be in each
     * @param int       $leadTo     up to this one
     * @param array<int, int> $left
     *
     * @return list<array<int, int>>|null
     */
    private function search(array $capacities, int $leadFrom, int $leadTo, array $left, int $at = 0): ?array
    {
        $over = array_sum(\array_slice($capacities, $at)) - CutCounts::sum($left, $this->lengths);
        if ($over < 0) {
            return null;
        }
        if (null === CutCounts::longest($left)) {
            return array_fill(0, \count($capacities) - $at, []);
        }
        $key = $at . ':' . implode(',', $left);
        if (isset($this->dead[$key]) || $this->isOutOfTime()) {
            return null;
        }
        $first = $at >= $leadFrom && $at < $leadTo ? CutCounts::longest($left) : null;
        foreach ($this->fillings($left, $capacities[$at], $over, $first) as $fill) {
            $rest = $this->search($capacities, $leadFrom, $leadTo, CutCounts::without($left, $fill), $at + 1);
            if (null !== $rest) {
                return [$fill, ...$rest];
            }
        }
        $this->dead[$key] = true;

        return null;
    }

    private function isOutOfTime(): bool
    {
        $this->isComplete = $this->isComplete && $this->nodes < self::NODES;

        return ++$this->nodes > self::NODES;
    }

    /**
     * Fillings of one roll to which nothing that is left could be added, the fullest first.
     *
     * @param array<int, int> $left
     * @param int|null  $first a length that has to be in it
     *
     * @return list<array<int, int>>
     */
    private function fillings(array $left, int $capacity, int $waste, ?int $first): array
    {
        $room = $capacity;
        if (null !== $first) {
            --$left[$first];
            $room -= $this->lengths[$first];
        }
        $found = $behind = [];
        $sum = 0;
        foreach (array_reverse($this->lengths, true) as $type => $length) {
            $behind[$type] = $sum += $left[$type] * $length;
        }
        $this->extend($left, $room, 0, [], $waste, $behind, $found);
        usort($found, static fn(array $a, array $b): int => $a[0] <=> $b[0]);

        return array_map(static function (array $one) use ($first): array {
            $fill = $one[1];
            if (null !== $first) {
                $fill[$first] = ($fill[$first] ?? 0) + 1;
                ksort($fill);
            }

            return $fill;
        }, $found);
    }

    /**
     * @param array<int, int>                         $left
     * @param array<int, int>                   $fill
     * @param array<int, int>                   $behind what is left from each type on
     * @param list<array{int, array<int, int>}> $found
     */
    private function extend(array $left, int $room, int $type, array $fill, int $waste, array $behind, array &$found): void
    {
        if (\count($found) >= self::FILLINGS || ++$this->steps > self::STEPS) {
            $this->isComplete = false;

            return;
        }
        if ($room - ($behind[$type] ?? 0) > $waste) {
            return; // all that could still be added leaves too much
        }
        if (!isset($this->lengths[$type])) {
            if (!$this->takesMore($left, $fill, $room)) {
                $found[] = [$room, $fill];
            }

            return;
        }
        for ($n = min($left[$type], intdiv($room, $this->lengths[$type])); $n >= 0; --$n) {
            $this->extend($left, $room - $n * $this->lengths[$type], $type + 1, 0 === $n ? $fill : $fill + [$type => $n], $waste, $behind, $found);
        }
    }

    /**
     * @param array<int, int>       $left
     * @param array<int, int> $fill
     */
    private function takesMore(array $left, array $fill, int $room): bool
    {
        foreach ($this->lengths as $type => $length) {
            if ($length <= $room && $left[$type] > ($fill[$type] ?? 0)) {
                return true;
            }
        }

        return false;
    }
}
