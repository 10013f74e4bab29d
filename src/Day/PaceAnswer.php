<?php

declare(strict_types=1);

namespace App\Day;

use BrightCupboard\Core\Day\Phase;

/** How fast the home goes in a phase against the rule of thumb, and on how many measured tasks that rests. */
final readonly class PaceAnswer
{
    public function __construct(public Phase $phase, public float $factor, public int $measured) {}
}
