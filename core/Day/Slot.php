<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Day;

/** When a task starts, in minutes from the beginning, and whose it is: 0 or 1, null when it takes both. */
final readonly class Slot
{
    public function __construct(public int $start, public int $minutes, public ?int $lane) {}
}
