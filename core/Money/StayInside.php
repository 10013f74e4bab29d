<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Money;

use BrightCupboard\Core\Money\Internal\ReachableSums;

/**
 * Which wanted lines to drop so that a purse stays inside its budget, giving up as little as possible.
 *
 * Exact subset sum over rows of reachable totals (R. Bellman, Dynamic Programming, 1957): the least total that covers the
 * overrun, then the fewest lines, then the lines written down last. Time O(lines · totals / 8); memory at most MOST_BYTES:
 * where the rows would take more, the fewest lines are not looked for, and beyond that (some 200 lines and 25,000 over) prices are
 * rounded to tens of minor units and more is asked for, so that what is dropped still covers the overrun.
 */
final readonly class StayInside
{
    private const MOST_BYTES = 48_000_000;
    private const COARSER = 10;

    /** @return list<PurseLine>|null the lines to drop, null when dropping every wanted line is not enough */
    public function dropped(Purse $purse): ?array
    {
        $overrun = $purse->overrun()->minor;
        if (0 === $overrun) {
            return [];
        }
        $lines = array_values(array_filter($purse->droppable(), static fn(PurseLine $line): bool => $line->price->minor > 0));
        $prices = array_map(static fn(PurseLine $line): int => $line->price->minor, $lines);
        if (array_sum($prices) < $overrun) {
            return null;
        }
        [$prices, $least] = $this->inTheirLargestUnit($prices, $overrun);
        while (\count($prices) * $this->bytes($prices, $least) > self::MOST_BYTES) {
            $prices = array_map(static fn(int $price): int => intdiv($price + self::COARSER - 1, self::COARSER), $prices);
            $least = min(array_sum($prices), intdiv($least + \count($prices) * self::COARSER, self::COARSER));
        }
        $chosen = $this->fewest($prices, $least) ?? $this->any($prices, $least);

        return array_map(static fn(int $i): PurseLine => $lines[$i], $chosen);
    }

    /**
     * Whole pounds need no row of pence.
     *
     * @param list<int> $prices
     *
     * @return array{list<int>, int}
     */
    private function inTheirLargestUnit(array $prices, int $overrun): array
    {
        $unit = 0;
        foreach ($prices as $price) {
            [$a, $unit] = [$unit, $price];
            while (0 !== $a) {
                [$a, $unit] = [$unit % $a, $a];
            }
        }

        return [array_map(static fn(int $price): int => intdiv($price, $unit), $prices), intdiv($overrun + $unit - 1, $unit)];
    }

    /** @param list<int> $prices */
    private function bytes(array $prices, int $least): int
    {
        return intdiv($this->limit($prices, $least), 8) + 1;
    }

    /**
     * The best cover is below the overrun and its dearest line together.
     *
     * @param list<int> $prices
     */
    private function limit(array $prices, int $least): int
    {
        return min(array_sum($prices), $least + max([0, ...$prices]));
    }

    /**
     * @param list<int> $prices
     *
     * @return list<int>|null places in the list, the last first; null where the rows would take too much memory
     */
    private function fewest(array $prices, int $least): ?array
    {
        $most = $this->enough($prices, $least);
        if (\count($prices) * ($most + 1) * $this->bytes($prices, $least) > self::MOST_BYTES) {
            return null;
        }
        $limit = $this->limit($prices, $least);
        $rows = [[ReachableSums::upTo($limit), ...array_fill(0, $most, ReachableSums::none($limit))]];
        foreach ($prices as $i => $price) {
            $rows[$i + 1] = $rows[$i];
            for ($lines = 1; $lines <= $most; ++$lines) {
                $rows[$i + 1][$lines] = $rows[$i][$lines]->over($rows[$i][$lines - 1], $price);
            }
        }
        $best = null;
        foreach ($rows[\count($prices)] as $lines => $sums) {
            $sum = $sums->leastFrom($least);
            if (null !== $sum && (null === $best || $sum < $best[0])) {
                $best = [$sum, $lines];
            }
        }
        if (null === $best) {
            return null;
        }
        [$sum, $lines] = $best;
        $chosen = [];
        for ($i = \count($prices) - 1; $lines > 0; --$i) {
            if ($rows[$i][$lines - 1]->has($sum - $prices[$i])) {
                $chosen[] = $i;
                $sum -= $prices[$i];
                --$lines;
            }
        }

        return $chosen;
    }

    /**
     * How many lines a best cover can have at the most: with the cheapest that many, any more are too much.
     *
     * @param list<int> $prices
     */
    private function enough(array $prices, int $least): int
    {
        sort($prices);
        $sum = 0;
        foreach ($prices as $i => $price) {
            $sum += $price;
            if ($sum >= $least) {
                return $i + 1;
            }
        }

        return \count($prices);
    }

    /**
     * @param list<int> $prices
     *
     * @return list<int> places in the list, the last first
     */
    private function any(array $prices, int $least): array
    {
        $rows = [ReachableSums::upTo($this->limit($prices, $least))];
        foreach ($prices as $price) {
            $rows[] = $rows[\count($rows) - 1]->with($price);
        }
        $sum = $rows[\count($prices)]->leastFrom($least) ?? throw new \LogicException('All of them together are enough.');
        $chosen = [];
        for ($i = \count($prices) - 1; $sum > 0; --$i) {
            if (!$rows[$i]->has($sum)) {
                $chosen[] = $i;
                $sum -= $prices[$i];
            }
        }

        return $chosen;
    }
}
