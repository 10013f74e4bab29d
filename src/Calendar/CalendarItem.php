<?php

declare(strict_types=1);

namespace App\Calendar;

/** Something on the calendar: on a day, or from a day to another one, both included. */
final readonly class CalendarItem
{
    /**
     * @param string      $kind  season, feast, sale, swap, day, plan, strike or return
     * @param string      $note  a few words more, empty where the title says all
     * @param string|null $until null where it is one day
     * @param string|null $swap  id of the swap it belongs to
     * @param string      $key   the same for the same thing whenever it is asked
     */
    public function __construct(
        public string $key,
        public string $kind,
        public string $title,
        public string $day,
        public ?string $until = null,
        public ?string $swap = null,
        public string $note = '',
    ) {}
}
