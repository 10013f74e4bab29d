<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Plan;

/** What is decided for a piece on the table. */
enum Choice: string
{
    case Stay = 'stay';
    case Move = 'move';
    case Bring = 'bring';
    case Rest = 'rest';
    case Part = 'part';
}
