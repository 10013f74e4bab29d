<?php

declare(strict_types=1);

namespace App\Entity;

/** How something that is not owned comes in. */
enum HaulWay: string
{
    case Buy = 'buy';
    case Make = 'make';
    case Borrow = 'borrow';
    /** An owned piece changed instead: its bow, its cover, its print, its paint. */
    case Restyle = 'restyle';
}
