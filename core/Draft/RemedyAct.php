<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Draft;

enum RemedyAct: string
{
    case Add = 'add';
    case Shift = 'shift';
    case Swap = 'swap';
    case Turn = 'turn';
    case Raise = 'raise';
    case TakeOff = 'take off';
}
