<?php

declare(strict_types=1);

namespace App\Calendar;

use BrightCupboard\Core\Calendar\Hemisphere;

final readonly class CalendarAnswer
{
    /**
     * @param list<CalendarItem> $items  of the year, by day
     * @param list<CalendarItem> $next   the next ones from today on, whatever year they are in
     * @param list<CareAnswer>   $care   what is due first comes first
     * @param string             $feasts as they are written, a line each
     * @param string|null        $feed   path of the private address; null where there is none
     */
    public function __construct(
        public int $year,
        public string $today,
        public array $items,
        public array $next,
        public array $care,
        public string $feasts,
        public Hemisphere $hemisphere,
        public ?string $feed,
        public int $version,
    ) {}
}
