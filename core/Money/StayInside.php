<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Money;

/**
 * Which wanted lines to drop so that a purse stays inside its budget, giving up as little as possible.
 *
 * Exact subset sum: the least total that covers the overrun, then the fewest lines, then the lines
 * written down last. Dynamic programme over the reachable totals, cost O(lines x overrun in minor units)
 * at most; totals past the best cover so far are not kept.
 */
final readonly class StayInside
{
    /** @return list<PurseLine>|null the lines to drop, null when dropping every wanted line is not enough */
    public function dropped(Purse $purse): ?array
    {
        $overrun = $purse->overrun()->minor;
        if (0 === $overrun) {
            return [];
        }
        /** @var array<int, list<PurseLine>> $ways least lines per reachable total */
        $ways = [0 => []];
        $best = null;
        foreach (array_reverse($purse->droppable()) as $line) {
            if ($line->price->minor <= 0) {
                continue;
            }
            foreach ($ways as $total => $lines) {
                $reached = $total + $line->price->minor;
                if ($total >= $overrun || (null !== $best && $reached > $best)) {
                    continue;
                }
                if (!isset($ways[$reached]) || \count($ways[$reached]) > \count($lines) + 1) {
                    $ways[$reached] = [...$lines, $line];
                }
                $best = $reached >= $overrun ? $reached : $best;
            }
        }

        return null === $best ? null : $ways[$best];
    }
}
