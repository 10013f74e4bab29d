<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Colour;

/** Amounts as whole percent that sum to 100, each at least 1: largest remainder first, ties in their order. */
final readonly class WholePercents
{
    /**
     * @param list<float> $amounts one to a hundred of them, above 0
     *
     * @return list<int>
     */
    public static function of(array $amounts): array
    {
        $sum = array_sum($amounts);
        if ($sum <= 0.0 || \count($amounts) > 100) {
            throw new \LogicException('Shares are of something, among at most 100.');
        }
        $exact = array_map(static fn(float $amount): float => 100 * $amount / $sum, $amounts);
        $whole = array_map(static fn(float $share): int => max(1, (int) floor($share)), $exact);
        for ($left = 100 - array_sum($whole); 0 !== $left; $left -= $left <=> 0) {
            $short = array_map(
                static fn(float $share, int $given): float => $left > 0 ? $share - $given : ($given > 1 ? $given - $share : -\INF),
                $exact,
                $whole,
            );
            $at = (int) array_search(max([-\INF, ...$short]), $short, true);
            $whole[$at] += $left <=> 0;
        }

        return array_values($whole);
    }
}
