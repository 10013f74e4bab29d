<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Floor;

/** What a floor is looked over for. */
enum FloorCheck: string
{
    case Inside = 'inside';
    case Overlap = 'overlap';
    case Way = 'way';
    case Rug = 'rug';
    case Cord = 'cord';
}
