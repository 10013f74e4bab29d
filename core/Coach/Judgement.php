<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Coach;

use BrightCupboard\Core\Look\FitMeter;
use BrightCupboard\Core\Look\Look;
use BrightCupboard\Core\Measure\LengthText;

/** What the rules judge by: the look, the meter that measures fit to it, and how lengths are said. */
final readonly class Judgement
{
    public function __construct(public Look $look, public FitMeter $meter, public LengthText $lengths) {}
}
