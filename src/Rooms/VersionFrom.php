<?php

declare(strict_types=1);

namespace App\Rooms;

/** What a new version of a spot is made from. */
enum VersionFrom: string
{
    case AsItStands = 'as it stands';
    case Centred = 'centred';
    case OffCentre = 'off-centre';
}
