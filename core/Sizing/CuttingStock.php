<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Sizing;

/**
 * One-dimensional cutting stock over owned rolls of any length and new ones of one length: as few new ones as can be.
 *
 * First each roll in turn is filled as full as can be (subset sum), the largest cut in every new one. Where that takes more
 * than the bound, bin completion (Korn 2002) looks for a plan with fewer: roll by roll, only fillings to which no cut that is
 * left could be added, fullest first, waste within what can be spared, dead ends remembered. It ends with the optimum, or
 * after NODES steps with what it has and the bound. Exponential at worst in the number of different lengths.
 */
final class CuttingStock
{
    public const MOST_CUTS = 400;
    private const NODES = 12_000;
    /** Fillings tried for one roll before the search gives up being complete. */
    private const FILLINGS = 400;
    /** Steps of filling altogether. */
    private const STEPS = 60_000;
    /** Sums past which a filling is looked for among the first of them only. */
    private const MOST_SUMS = 3_000;

    /** @var list<int> different lengths of cuts, the longest first */
    private array $lengths = [];
    /** @var array<string, true> dead ends */
    private array $dead = [];
    private int $nodes = 0;
    private int $steps = 0;
    private bool $isComplete = true;

    /**
     * @param list<int>        $cuts  tenths of a millimetre, none longer than a new roll
     * @param list<OwnedPiece> $owned rolls, so many free units each
     * @param int              $roll  length of a new one
     */
    public static function plan(array $cuts, array $owned, int $roll): CuttingPlan
    {
        return (new self())->best($cuts, self::rolls($owned), $roll);
    }

    /**
     * @param list<int>               $cuts
     * @param list<array{int, OwnedPiece|null}> $owned the shortest first
     */
    private function best(array $cuts, array $owned, int $roll): CuttingPlan
    {
        $counts = array_count_values($cuts);
        krsort($counts);
        $this->lengths = array_keys($counts);
        $left = array_values($counts);
        $capacities = array_column($owned, 0);
        $filled = $this->filled($left, $capacities, $roll);
        $new = \count($filled) - \count($owned);
        $atLeast = min($new, $this->bound($left, $capacities, $roll));
        $bound = new CuttingBound($this->lengths, $left, $capacities, $roll);
        while ($atLeast < $new && $bound->isTooFew($atLeast)) {
            ++$atLeast;
        }
        for ($tried = $atLeast; $tried < $new; ++$tried) {
            $found = $this->searched($capacities, array_fill(0, $tried, $roll), $left);
            if (null !== $found) {
                [$filled, $new] = [$found, $tried];
            } elseif ($this->isComplete && $tried === $atLeast) {
                ++$atLeast;
            }
        }
        $rolls = [];
        foreach ($filled as $i => $fill) {
            $cut = [];
            foreach ($fill as $type => $count) {
                array_push($cut, ...array_fill(0, $count, $this->lengths[$type]));
            }
            if ([] !== $cut) {
                $rolls[] = new CutRoll($owned[$i][1] ?? null, $owned[$i][0] ?? $roll, $cut);
            }
        }

        return new CuttingPlan($rolls, $atLeast);
    }

    /**
     * @param list<OwnedPiece> $owned
     *
     * @return list<array{int, OwnedPiece|null}> one for each unit, the shortest first, so that part rolls are used up before whole ones
     */
    private static function rolls(array $owned): array
    {
        $rolls = [];
        foreach ($owned as $one) {
            for ($i = 0; $i < min($one->free, 60); ++$i) {
                $rolls[] = [$one->run->tenths(), $one];
            }
        }
        usort($rolls, static fn(array $a, array $b): int => [$a[0], $a[1]->piece->name, $a[1]->piece->id] <=> [$b[0], $b[1]->piece->name, $b[1]->piece->id]);

        return $rolls;
    }

    /**
     * Each owned roll as full as can be, then new ones with the longest cut that is left in each.
     *
     * @param array<int, int> $left       how many of each length
     * @param list<int> $capacities of owned rolls
     *
     * @return list<array<int, int>> how many of each length are cut off each roll
     */
    private function filled(array $left, array $capacities, int $roll): array
    {
        $fills = [];
        foreach ($capacities as $capacity) {
            $fills[] = $fill = $this->fullest($left, $capacity);
            $left = self::without($left, $fill);
        }
        while (null !== $longest = self::longest($left)) {
            --$left[$longest];
            $fill = $this->fullest($left, $roll - $this->lengths[$longest]);
            $left = self::without($left, $fill);
            $fill[$longest] = ($fill[$longest] ?? 0) + 1;
            ksort($fill);
            $fills[] = $fill;
        }

        return $fills;
    }

    /**
     * The cuts that come nearest to a capacity, long ones preferred.
     *
     * @param array<int, int> $left
     *
     * @return array<int, int>
     */
    private function fullest(array $left, int $capacity): array
    {
        $from = $this->sums($left, $capacity);
        $fill = [];
        for ($sum = max(array_keys($from)); $sum > 0; $sum = $from[$sum][0]) {
            $type = $from[$sum][1];
            $fill[$type] = ($fill[$type] ?? 0) + 1;
        }

        return $fill;
    }

    /**
     * What can be cut off a capacity altogether.
     *
     * @param array<int, int> $left
     *
     * @return non-empty-array<int, array{int, int}> the sum before, and the type that was added, by sum; MOST_SUMS of them when there are more
     */
    private function sums(array $left, int $capacity): array
    {
        $from = [0 => [-1, -1]];
        foreach ($this->lengths as $type => $length) {
            for ($n = $left[$type]; $n > 0 && \count($from) < self::MOST_SUMS; --$n) {
                $before = \count($from);
                foreach (array_keys($from) as $sum) {
                    if ($sum + $length <= $capacity && !isset($from[$sum + $length])) {
                        $from[$sum + $length] = [$sum, $type];
                    }
                }
                if ($before === \count($from)) {
                    break;
                }
            }
        }

        return $from;
    }

    /**
     * New rolls that no plan does without: by the length that can be cut at all, and by how many of the longer cuts go on a roll.
     *
     * @param array<int, int> $left
     * @param list<int> $capacities
     */
    private function bound(array $left, array $capacities, int $roll): int
    {
        $use = function (int $capacity) use ($left): int {
            $sums = $this->sums($left, $capacity);

            return \count($sums) >= self::MOST_SUMS ? $capacity : max(array_keys($sums));
        };
        $short = $this->sum($left) - array_sum(array_map($use, $capacities));
        $bound = (int) ceil(max(0, $short) / max(1, $use($roll)));
        $count = 0;
        foreach ($this->lengths as $type => $length) {
            $count += $left[$type];
            $places = array_sum(array_map(static fn(int $capacity): int => intdiv($capacity, $length), $capacities));
            $bound = max($bound, (int) ceil(max(0, $count - $places) / max(1, intdiv($roll, $length))));
        }

        return $bound;
    }

    /**
     * Owned rolls first, which misses nothing; then new ones first, each with the longest cut that is left, which finds most of what the first way had no time for.
     *
     * @param list<int> $owned
     * @param list<int> $new
     * @param array<int, int> $left
     *
     * @return list<array<int, int>>|null owned ones first
     */
    private function searched(array $owned, array $new, array $left): ?array
    {
        [$this->dead, $this->nodes, $this->steps, $this->isComplete] = [[], 0, 0, true];
        $found = $this->search([...$owned, ...$new], \count($owned), \count($owned) + \count($new), $left);
        if (null !== $found || $this->hasSeenAll()) {
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
        $over = array_sum(\array_slice($capacities, $at)) - $this->sum($left);
        if ($over < 0) {
            return null;
        }
        if (null === self::longest($left)) {
            return array_fill(0, \count($capacities) - $at, []);
        }
        $key = $at . ':' . implode(',', $left);
        if (isset($this->dead[$key]) || $this->isOutOfTime()) {
            return null;
        }
        $first = $at >= $leadFrom && $at < $leadTo ? self::longest($left) : null;
        foreach ($this->fillings($left, $capacities[$at], $over, $first) as $fill) {
            $rest = $this->search($capacities, $leadFrom, $leadTo, self::without($left, $fill), $at + 1);
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

    private function hasSeenAll(): bool
    {
        return $this->isComplete;
    }

    /**
     * @param array<int, int> $left
     *
     * @return int|null type of the longest cut that is left
     */
    private static function longest(array $left): ?int
    {
        foreach ($left as $type => $count) {
            if ($count > 0) {
                return $type;
            }
        }

        return null;
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

    /** @param array<int, int> $counts by type */
    private function sum(array $counts): int
    {
        $sum = 0;
        foreach ($counts as $type => $count) {
            $sum += $count * $this->lengths[$type];
        }

        return $sum;
    }

    /**
     * @param array<int, int>       $left
     * @param array<int, int> $fill
     *
     * @return array<int, int>
     */
    private static function without(array $left, array $fill): array
    {
        foreach ($fill as $type => $count) {
            $left[$type] -= $count;
        }

        return $left;
    }
}
