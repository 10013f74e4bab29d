<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Look;

/** How far the stock may stray from the ribbons: the schools of the trade differ on it. */
enum ColourSchool: string
{
    /** The ribbons alone decide. */
    case AsRibbons = 'as the ribbons';
    /** Muted or one range: what is louder than the loudest ribbon loses. */
    case Quiet = 'quiet';
    /** Several seasonal colours with an unexpected one: a small lively part outside the ribbons is welcome. */
    case Unexpected = 'with a surprise';
}
