<?php

declare(strict_types=1);

namespace App\Day;

/** Which day something is moved to; the words are those of the page. */
enum DayTarget: string
{
    case SwapDay = 'swap day';
    /** Of a piece only: no day of its own any more. */
    case WithItsSpot = 'with its spot';
    case OtherDay = 'other day';
    case NewDay = 'new day';
}
