<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Plan;

use BrightCupboard\Core\Storage\Stored;
use BrightCupboard\Core\Storage\StoredTote;

/** The difference between where everything is and where it should be. */
final readonly class Difference
{
    /**
     * @param list<PlannedMove>  $moves
     * @param array<string, int> $missing piece id => units planned for a spot that are lent, lost or not there
     * @param list<Stored>       $loose   units for which no tote has room
     * @param list<StoredTote>   $totes   that were there to take things
     */
    public function __construct(public array $moves, public array $missing, public array $loose, public array $totes) {}
}
