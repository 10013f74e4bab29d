<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Search\Internal;

/**
 * The words for at most and at least.
 *
 * @internal
 */
final readonly class Bound
{
    private const MOST = 'under|below|less than|fewer than|at most|up to|no more than|shorter than|lower than|narrower than'
        . '|smaller than|lighter than|cheaper than';
    private const LEAST = 'over|above|more than|at least|taller than|higher than|wider than|longer than|bigger than|larger than|heavier than';
    public const WORDS = '(' . self::MOST . '|' . self::LEAST . ')';

    public static function isMost(string $word): bool
    {
        return \in_array($word, explode('|', self::MOST), true);
    }
}
