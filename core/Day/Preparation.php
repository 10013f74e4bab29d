<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Day;

/** Something to make ready on the day before a spot is set up: ribbon cut, lights tried, hooks put up, timers set. */
final readonly class Preparation
{
    /** @param string $key stable within a sheet */
    public function __construct(public string $key, public string $title, public ?string $spotId) {}
}
