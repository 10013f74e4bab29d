<?php

declare(strict_types=1);

namespace App\Day;

/** A day of a swap; without an id it is the swap day. */
final readonly class DayOfSwapAnswer
{
    public function __construct(public ?string $id, public string $name, public string $date) {}
}
