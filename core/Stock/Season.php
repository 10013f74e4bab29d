<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Stock;

/** The quarter of the year a piece or a swap belongs to; holidays are named on the swap. */
enum Season: string
{
    case Spring = 'spring';
    case Summer = 'summer';
    case Autumn = 'autumn';
    case Winter = 'winter';
}
