<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Look;

use BrightCupboard\Core\Colour\ColourVision;

/** Two ribbons that cannot be told apart: by anyone, or by people who see with two kinds of cones. */
final readonly class RibbonWarning
{
    /** @param float $distance CIEDE2000 as those people see it */
    public function __construct(public int $one, public int $two, public float $distance, public ?ColourVision $vision, public string $sentence) {}
}
