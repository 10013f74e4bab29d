<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Surface;

use BrightCupboard\Core\Measure\Length;

/** A stretch of the ledge that must stay usable, measured from its left end, and why. */
final readonly class KeepClear
{
    public function __construct(public Length $from, public Length $to, public string $reason)
    {
        if ($to->tenths() <= $from->tenths()) {
            throw InvalidSpot::keepClear();
        }
    }
}
