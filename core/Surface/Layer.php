<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Surface;

/** How far back a piece stands; a ledge is taken as three equal lanes. */
enum Layer: string
{
    case Back = 'back';
    case Middle = 'middle';
    case Front = 'front';

    /** Middle of the lane, as a share of the depth from the wall. */
    public function depthShare(): float
    {
        return match ($this) {
            self::Back => 1 / 6,
            self::Middle => 0.5,
            self::Front => 5 / 6,
        };
    }
}
