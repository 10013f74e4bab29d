<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Plan;

use BrightCupboard\Core\Storage\Stored;

/** The difference between where everything is and where it should be. */
final readonly class Difference
{
    /**
     * @param list<PlannedMove>  $moves
     * @param array<string, int> $missing piece id => units planned for a spot that are lent, lost or not there
     * @param list<Stored>       $loose   units for which no tote has room
     */
    public function __construct(public array $moves, public array $missing, public array $loose) {}
}
