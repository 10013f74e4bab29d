<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Sizing;

use BrightCupboard\Core\Measure\Area;
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Measure\Volume;
use BrightCupboard\Core\Measure\Weight;
use BrightCupboard\Core\Money\Money;

/** A line of a sum as data: its code and the figures in it. Words and units are put to it at the edge. */
final readonly class Said
{
    /** @param array<string, Length|Weight|Money|Volume|Area|float|int|string> $values */
    public function __construct(public string $code, public array $values = []) {}
}
