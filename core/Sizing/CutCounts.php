<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Sizing;

/**
 * How many cuts of each length are meant, by type: types count from the longest length on.
 *
 * @internal
 */
final readonly class CutCounts
{
    /**
     * @param array<int, int> $counts
     *
     * @return int|null type of the longest of which there are any
     */
    public static function longest(array $counts): ?int
    {
        foreach ($counts as $type => $count) {
            if ($count > 0) {
                return $type;
            }
        }

        return null;
    }

    /**
     * @param array<int, int> $counts
     * @param array<int, int> $taken
     *
     * @return array<int, int>
     */
    public static function without(array $counts, array $taken): array
    {
        foreach ($taken as $type => $count) {
            $counts[$type] -= $count;
        }

        return $counts;
    }

    /**
     * @param array<int, int> $counts
     * @param list<int>       $lengths by type
     */
    public static function sum(array $counts, array $lengths): int
    {
        $sum = 0;
        foreach ($counts as $type => $count) {
            $sum += $count * $lengths[$type];
        }

        return $sum;
    }
}
