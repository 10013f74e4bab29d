<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Measure;

/** The unit a home measures in; it decides how bare numbers are read and lengths are written. */
enum LengthUnit: string
{
    case Inch = 'in';
    case Centimetre = 'cm';
}
