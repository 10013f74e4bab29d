<?php

declare(strict_types=1);

namespace App\Day;

/** Somebody who works on a day; times in minutes of the day. */
final readonly class HandAnswer
{
    public function __construct(public string $name, public bool $climbs, public bool $lifts, public ?int $from, public ?int $until) {}
}
