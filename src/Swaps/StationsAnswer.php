<?php

declare(strict_types=1);

namespace App\Swaps;

/** The live figure of each station; money in minor units, none without a budget, days to the swap day (negative when past). */
final readonly class StationsAnswer
{
    public function __construct(
        public int $inLook,
        public int $pieces,
        public int $decided,
        public int $spotsDressed,
        public int $spots,
        public int $needsOpen,
        public ?int $free,
        public int $ticked,
        public int $tasks,
        public int $notes,
        public int $days,
        public string $today,
    ) {}
}
