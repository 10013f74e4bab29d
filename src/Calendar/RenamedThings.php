<?php

declare(strict_types=1);

namespace App\Calendar;

use App\Entity\Home;
use BrightCupboard\Core\Calendar\Feasts;

/** Traditions are about things by their names: they follow when a spot, a room or a piece is called otherwise. */
final readonly class RenamedThings
{
    public function __construct(private Calendars $calendars, private KnownThings $things) {}

    /**
     * To be asked before the new name is written down.
     *
     * @param list<string> $ids of what is called otherwise; of a room its spots
     */
    public function follow(Home $home, array $ids, string $was, string $is): void
    {
        $calendar = $this->calendars->of($home);
        if ($was === $is || Feasts::renamed($calendar->lines(), $was, $is) === $calendar->lines()) {
            return;
        }
        // A spot comes before a room of its name: what a line does not mean, it does not follow.
        $meant = $this->things->called($home, $was)[1] ?? [];
        if ([] !== array_intersect($meant, $ids)) {
            $others = [] !== array_diff($meant, $ids);
            $calendar->describe(Feasts::renamed($calendar->lines(), $was, $is, $others), $calendar->hemisphere());
        }
    }
}
