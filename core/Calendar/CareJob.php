<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Calendar;

/** What keeps alive what is alive, and lit what is lit. */
enum CareJob: string
{
    case Water = 'water';
    case FreshWater = 'fresh water, ends cut again';
    case Mist = 'mist';
    case Turn = 'turn to the light';
    case Renew = 'renew';
    case Batteries = 'check the batteries';
    case NewBatteries = 'new batteries';
}
