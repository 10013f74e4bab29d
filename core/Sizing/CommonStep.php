<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Sizing;

/** The greatest common divisor of lengths: they are whole steps of it, and sums need to be looked at in no finer ones. */
final readonly class CommonStep
{
    /** @param list<int> $lengths */
    public static function of(array $lengths): int
    {
        $step = 0;
        foreach ($lengths as $length) {
            while (0 !== $length) {
                [$step, $length] = [$length, $step % $length];
            }
        }

        return max(1, $step);
    }
}
