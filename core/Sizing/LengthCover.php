<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Sizing;

/**
 * Which owned lengths are laid end to end so that they reach: bought ones as few as can be, then the fewest pieces, then the least over.
 *
 * Dynamic programming over the reachable sums in whole steps of the greatest common divisor, O(units × sums); past MOST_SUMS the
 * longest are taken first.
 */
final readonly class LengthCover
{
    private const MOST_SUMS = 40_000;

    /**
     * @param float            $total   to be reached, in tenths of a millimetre
     * @param int              $section length of one to buy
     * @param list<OwnedPiece> $owned
     *
     * @return array{list<Taken>, int} what is taken of the owned, and how many are bought
     */
    public function of(float $total, int $section, array $owned): array
    {
        $needed = (int) ceil($total - 0.5);
        $lengths = self::units($owned);
        $bought = max(0, intdiv($needed - array_sum(array_column($lengths, 0)) + $section - 1, $section));
        $rest = $needed - $bought * $section;
        if ($rest <= 0) {
            return [[], intdiv($needed + $section - 1, $section)];
        }
        $taken = [];
        foreach ($this->fewest($rest, $lengths) as $index) {
            $taken[$index] = ($taken[$index] ?? 0) + 1;
        }

        return [array_map(static fn(int $index, int $units): Taken => new Taken($owned[$index], $units), array_keys($taken), $taken), $bought];
    }

    /**
     * @param list<OwnedPiece> $owned
     *
     * @return list<array{int, int}> length and index of each unit, the longest first
     */
    private static function units(array $owned): array
    {
        $units = [];
        foreach ($owned as $index => $one) {
            for ($i = 0; $i < min($one->free, 60); ++$i) {
                $units[] = [$one->run->tenths(), $index];
            }
        }
        usort($units, static fn(array $a, array $b): int => [$b[0], $a[1]] <=> [$a[0], $b[1]]);

        return $units;
    }

    /**
     * @param list<array{int, int}> $lengths
     *
     * @return list<int> indices
     */
    private function fewest(int $total, array $lengths): array
    {
        $step = CommonStep::of([$total, ...array_column($lengths, 0)]);
        $goal = intdiv($total, $step);
        if ($goal > self::MOST_SUMS) {
            return $this->longestFirst($total, $lengths);
        }
        /** @var array<int, array{int, list<int>}> $reached fewest pieces and which, by sum */
        $reached = [0 => [0, []]];
        foreach ($lengths as [$length, $index]) {
            $units = intdiv($length, $step);
            foreach (array_reverse($reached, true) as $sum => [$count, $which]) {
                $next = $sum + $units;
                if ($sum < $goal && (!isset($reached[$next]) || $reached[$next][0] > $count + 1)) {
                    $reached[$next] = [$count + 1, [...$which, $index]];
                }
            }
        }
        $enough = array_filter($reached, static fn(int $sum): bool => $sum >= $goal, \ARRAY_FILTER_USE_KEY);
        $best = array_key_first($enough);
        foreach ($enough as $sum => [$count]) {
            if (null === $best || [$count, $sum] < [$enough[$best][0], $best]) {
                $best = $sum;
            }
        }

        return null === $best ? [] : $enough[$best][1];
    }

    /**
     * @param list<array{int, int}> $lengths
     *
     * @return list<int>
     */
    private function longestFirst(int $total, array $lengths): array
    {
        $which = [];
        foreach ($lengths as [$length, $index]) {
            if ($total > 0) {
                $which[] = $index;
                $total -= $length;
            }
        }

        return $which;
    }
}
