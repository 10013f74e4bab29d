<?php

declare(strict_types=1);

namespace App\UseCase\Plan;

use App\Entity\Swap;
use App\Http\Conflict;

/** Closed swaps are history: they are read, not changed. */
final readonly class OpenSwap
{
    public static function require(Swap $swap): void
    {
        if (null !== $swap->closedAt()) {
            throw new Conflict(sprintf('%s is closed and kept as it was. Begin the next swap to go on.', $swap->name()));
        }
    }
}
