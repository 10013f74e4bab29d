<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Draft;

enum RemedyAct: string
{
    case Add = 'add';
    case Shift = 'shift';
    case TakeOff = 'take off';
}
