<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Sizing;

/**
 * One-dimensional cutting stock over owned rolls of any length and new ones of one length: as few new ones as can be.
 *
 * First each roll in turn is filled as full as can be (subset sum), the longest cut in every new one. Where that takes more
 * than the bound (what fits at all, how many of the longer cuts go on a roll, then CuttingBound), BinCompletion looks for a
 * plan with fewer. It ends with the optimum, or with what it has and the bound.
 */
final class CuttingStock
{
    public const MOST_CUTS = 400;
    /** Owned rolls past which nobody would still unroll them; the shortest are used up first. */
    private const MOST_ROLLS = 60;
    /** Sums past which a filling is looked for among the first of them only. */
    private const MOST_SUMS = 3_000;

    /** @var list<int> different lengths of cuts, the longest first */
    private array $lengths = [];

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
            $search = new BinCompletion($this->lengths);
            $found = $search->plan($capacities, array_fill(0, $tried, $roll), $left);
            if (null !== $found) {
                [$filled, $new] = [$found, $tried];
            } elseif ($search->isExhaustive() && $tried === $atLeast) {
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
            for ($i = 0; $i < min($one->free, self::MOST_ROLLS); ++$i) {
                $rolls[] = [$one->run->tenths(), $one];
            }
        }
        usort($rolls, static fn(array $a, array $b): int => [$a[0], $a[1]->piece->name, $a[1]->piece->id] <=> [$b[0], $b[1]->piece->name, $b[1]->piece->id]);

        return \array_slice($rolls, 0, self::MOST_ROLLS);
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
            $left = CutCounts::without($left, $fill);
        }
        while (null !== $longest = CutCounts::longest($left)) {
            --$left[$longest];
            $fill = $this->fullest($left, $roll - $this->lengths[$longest]);
            $left = CutCounts::without($left, $fill);
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
        $short = CutCounts::sum($left, $this->lengths);
        foreach (array_count_values($capacities) as $capacity => $times) {
            $short -= $times * $use($capacity);
        }
        $bound = (int) ceil(max(0, $short) / max(1, $use($roll)));
        $count = 0;
        foreach ($this->lengths as $type => $length) {
            $count += $left[$type];
            $places = array_sum(array_map(static fn(int $capacity): int => intdiv($capacity, $length), $capacities));
            $bound = max($bound, (int) ceil(max(0, $count - $places) / max(1, intdiv($roll, $length))));
        }

        return $bound;
    }
}
