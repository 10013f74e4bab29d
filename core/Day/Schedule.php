<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Day;

/** The day in lanes. All figures are minutes. */
final readonly class Schedule
{
    /** @param array<string, Slot> $slots task key => slot */
    public function __construct(public array $slots, public int $finish, public int $longestChain, public int $workShared) {}
}
