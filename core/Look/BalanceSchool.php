<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Look;

/** Two schools: mirrored about the middle, or off-centre with a counterweight. */
enum BalanceSchool: string
{
    case Centred = 'centred';
    case OffCentre = 'off-centre';
}
