<?php

declare(strict_types=1);

namespace App\Exchange;

use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Measure\LengthUnit;
use BrightCupboard\Core\Money\Money;

/** Figures in the cells of a table, written so that they read back without loss. */
final readonly class TableText
{
    /** Exact to the tenth of a millimetre, in the unit of the home. */
    public static function length(LengthUnit $unit, Length $length): string
    {
        return LengthUnit::Inch === $unit
            ? rtrim(rtrim(number_format($length->inInches(), 5, '.', ''), '0'), '.') . ' in'
            : rtrim(rtrim(number_format($length->inMillimetres() / 10, 2, '.', ''), '0'), '.') . ' cm';
    }

    /** Empty for nothing. */
    public static function money(Money $money): string
    {
        return 0 === $money->minor ? '' : sprintf('%d.%02d', intdiv($money->minor, 100), $money->minor % 100);
    }
}
