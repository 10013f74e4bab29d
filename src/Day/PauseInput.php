<?php

declare(strict_types=1);

namespace App\Day;

final readonly class PauseInput
{
    /** @param string $at time of the day as people write it */
    public function __construct(public string $at, public int $minutes) {}
}
