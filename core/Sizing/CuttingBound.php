<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Sizing;

/**
 * Shows that so many rolls are too few, by worth: if cuts can be given worths so that all of them together are worth more
 * than the rolls can hold, whatever is cut off each, no plan exists. That is weak duality of the linear program of Gilmore and
 * Gomory (1961); the worths are sought by subgradient steps, each a knapsack by dynamic programming over whole steps of the
 * greatest common divisor. O(ROUNDS × cuts × roll).
 *
 * @internal
 */
final readonly class CuttingBound
{
    private const ROUNDS = 60;
    private const MOST_STEPS = 1_500;
    private const SURE = 1e-6;

    private int $step;

    /**
     * @param list<int> $lengths different lengths, the longest first
     * @param list<int> $counts  how many of each
     * @param list<int> $owned   capacities of owned rolls
     */
    public function __construct(private array $lengths, private array $counts, private array $owned, private int $roll)
    {
        $this->step = CommonStep::of($lengths);
    }

    /** True only when it is proven. */
    public function isTooFew(int $rolls): bool
    {
        $widest = max([$this->roll, ...$this->owned]);
        if (intdiv($widest, $this->step) > self::MOST_STEPS) {
            return false;
        }
        $worth = array_map(fn(int $length): float => $length / $this->roll, $this->lengths);
        $boxes = array_count_values([...$this->owned, ...array_fill(0, $rolls, $this->roll)]);
        if ([] === $boxes) {
            return [] !== $this->lengths;
        }
        for ($round = 0; $round < self::ROUNDS; ++$round) {
            $over = array_map(static fn(int $count): int => $count, $this->counts);
            $held = 0.0;
            foreach ($this->best($worth, array_keys($boxes)) as $capacity => [$value, $cut]) {
                $held += $boxes[$capacity] * $value;
                foreach ($cut as $type => $count) {
                    $over[$type] -= $boxes[$capacity] * $count;
                }
            }
            $all = array_sum(array_map(static fn(float $each, int $count): float => $each * $count, $worth, $this->counts));
            if ($all > $held + self::SURE) {
                return true;
            }
            $square = array_sum(array_map(static fn(int $one): int => $one ** 2, $over));
            if (0 === $square) {
                return false; // every cut is made
            }
            $size = ($held - $all + 0.1) / $square;
            foreach ($over as $type => $missing) {
                $worth[$type] = max(0.0, $worth[$type] + $size * $missing);
            }
        }

        return false;
    }

    /**
     * The most worth that can be cut off each capacity, and how.
     *
     * @param array<int, float>   $worth by type
     * @param non-empty-list<int> $capacities
     *
     * @return array<int, array{float, array<int, int>}>
     */
    private function best(array $worth, array $capacities): array
    {
        $most = intdiv(max($capacities), $this->step);
        $value = array_fill(0, $most + 1, 0.0);
        $last = [];
        foreach ($this->lengths as $type => $length) {
            $size = intdiv($length, $this->step);
            if ($worth[$type] <= 0.0) {
                continue;
            }
            for ($n = min($this->counts[$type], intdiv($most, $size)); $n > 0; --$n) {
                $taken = [];
                for ($at = $most; $at >= $size; --$at) {
                    $with = $value[$at - $size] + $worth[$type];
                    if ($with > $value[$at]) {
                        $value[$at] = $with;
                        $taken[$at] = true;
                    }
                }
                $last[] = [$type, $size, $taken];
            }
        }
        $best = [];
        foreach ($capacities as $capacity) {
            $at = intdiv($capacity, $this->step);
            $cut = [];
            $room = $at;
            for ($i = \count($last) - 1; $i >= 0; --$i) {
                [$type, $size, $taken] = $last[$i];
                if (isset($taken[$room])) {
                    $cut[$type] = ($cut[$type] ?? 0) + 1;
                    $room -= $size;
                }
            }
            $best[$capacity] = [$value[$at], $cut];
        }

        return $best;
    }
}
