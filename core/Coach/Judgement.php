<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Coach;

use BrightCupboard\Core\Look\FitMeter;
use BrightCupboard\Core\Look\Look;

/** What the checks judge by: the look, and the meter that measures fit to it. */
final readonly class Judgement
{
    public function __construct(public Look $look, public FitMeter $meter) {}
}
