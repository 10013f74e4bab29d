<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Surface;

enum TableShape: string
{
    case Rectangular = 'rectangular';
    case Round = 'round';
    case Oval = 'oval';
}
