<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Day;

/** When a task begins and ends, in minutes of the day, and whose it is. A break may lie between. */
final readonly class Slot
{
    /** @param list<int> $lanes places in the crew, one or two */
    public function __construct(public int $start, public int $end, public array $lanes) {}
}
