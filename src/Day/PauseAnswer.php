<?php

declare(strict_types=1);

namespace App\Day;

/** A break, in minutes of the day. */
final readonly class PauseAnswer
{
    public function __construct(public int $at, public int $minutes) {}
}
