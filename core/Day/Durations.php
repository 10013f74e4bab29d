<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Day;

use BrightCupboard\Core\Stock\Piece;

/** How long things take, in minutes for one pair of hands. All values are from memory of the trade; a home will replace them by its own. */
final readonly class Durations
{
    private const HALF_MINUTES = [
        'take down' => ['start' => 2, 'unit' => 1],
        'clean' => ['start' => 10, 'unit' => 0],
        'fetch' => ['start' => 10, 'unit' => 1],
        'prepare' => ['start' => 20, 'unit' => 0],
        'set up' => ['start' => 6, 'unit' => 4],
        'pack away' => ['start' => 6, 'unit' => 2],
        'let go' => ['start' => 4, 'unit' => 1],
    ];
    private const SLOW_HALF_MINUTES = 20;

    /**
     * Rounded up to whole minutes.
     *
     * @param list<array{Piece, int}> $handled pieces with units
     */
    public function minutes(Phase $phase, array $handled): int
    {
        $halves = self::HALF_MINUTES[$phase->value]['start'];
        foreach ($handled as [$piece, $units]) {
            $halves += self::HALF_MINUTES[$phase->value]['unit'] * $units;
            $isSlow = $piece->kind->facts()->isSlowToSetUp();
            $halves += Phase::SetUp === $phase && $isSlow ? self::SLOW_HALF_MINUTES : 0;
        }

        return intdiv($halves + 1, 2);
    }
}
