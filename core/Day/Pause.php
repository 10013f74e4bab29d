<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Day;

/** A break that all take together: from a minute of the day, for so many minutes. */
final readonly class Pause
{
    public function __construct(public int $at, public int $minutes) {}
}
