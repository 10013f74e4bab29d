<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Calendar;

use BrightCupboard\Core\Stock\Season;

/** Which half of the earth a home is on. */
enum Hemisphere: string
{
    case North = 'north';
    case South = 'south';

    /** The turn of the sun that a season begins with. */
    public function beginning(Season $season): SunTurn
    {
        $north = match ($season) {
            Season::Spring => SunTurn::March,
            Season::Summer => SunTurn::June,
            Season::Autumn => SunTurn::September,
            Season::Winter => SunTurn::December,
        };

        return self::North === $this ? $north : match ($north) {
            SunTurn::March => SunTurn::September,
            SunTurn::June => SunTurn::December,
            SunTurn::September => SunTurn::March,
            SunTurn::December => SunTurn::June,
        };
    }
}
