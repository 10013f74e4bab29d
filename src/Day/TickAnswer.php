<?php

declare(strict_types=1);

namespace App\Day;

/** How a task is after a tick; the rest of the day is asked for when it is looked at. */
final readonly class TickAnswer
{
    public function __construct(public string $task, public bool $isDone, public string $doneBy) {}
}
