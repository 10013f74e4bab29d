<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Surface;

enum SeenFrom: string
{
    case Front = 'front';
    case BothSides = 'both sides';
    case AllRound = 'all round';
    case Outside = 'outside';
}
