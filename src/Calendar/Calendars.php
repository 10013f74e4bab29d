<?php

declare(strict_types=1);

namespace App\Calendar;

use App\Entity\CalendarFeed;
use App\Entity\Home;
use App\Entity\HomeCalendar;
use Doctrine\ORM\EntityManagerInterface;

/** The calendar of a home as it is kept; the usual one where nobody has written one. */
final readonly class Calendars
{
    public function __construct(private EntityManagerInterface $entities) {}

    public function of(Home $home): HomeCalendar
    {
        return $this->entities->getRepository(HomeCalendar::class)->findOneBy(['home' => $home]) ?? new HomeCalendar($home);
    }

    public function feed(Home $home): ?CalendarFeed
    {
        return $this->entities->getRepository(CalendarFeed::class)->findOneBy(['home' => $home]);
    }
}
