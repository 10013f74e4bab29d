<?php

declare(strict_types=1);

namespace App\Calendar;

use App\Entity\Home;
use BrightCupboard\Core\Calendar\Feasts;

/** Traditions are about things by their names: they follow when a spot, a room or a piece is called otherwise. */
final readonly class RenamedThings
{
    public function __construct(private Calendars $calendars, private KnownThings $things) {}

    /** To be asked before the new name is written down. */
    public function follow(Home $home, string $was, string $is): void
    {
        $calendar = $this->calendars->of($home);
        if ($was === $is || Feasts::renamed($calendar->lines(), $was, $is) === $calendar->lines()) {
            return;
        }
        $others = \count($this->things->called($home, $was)[1] ?? []) > 1;
        $calendar->describe(Feasts::renamed($calendar->lines(), $was, $is, $others), $calendar->hemisphere());
    }
}
