<?php

declare(strict_types=1);

namespace App\Calendar;

use App\Entity\Home;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\Routing\Attribute\Route;

#[AsController]
final readonly class ReadCalendar
{
    private const NEXT = 12;
    private const MOST_AHEAD = '+400 days';
    private const FIRST_YEAR = 1901;
    private const LAST_YEAR = 2099;

    public function __construct(private Calendars $calendars, private HomeYear $year, private CareList $care, private ClockInterface $clock) {}

    #[Route('/api/homes/{home}/calendar', methods: ['GET'])]
    public function __invoke(Home $home, #[MapQueryParameter] int $year = 0): CalendarAnswer
    {
        $today = $this->clock->now()->setTime(0, 0);
        $shown = 0 === $year ? (int) $today->format('Y') : max(self::FIRST_YEAR, min(self::LAST_YEAR, $year));
        $calendar = $this->calendars->of($home);
        $feed = $this->calendars->feed($home);
        $ahead = array_values(array_filter(
            $this->year->between($home, $calendar, $today, $today->modify(self::MOST_AHEAD)),
            static fn(CalendarItem $item): bool => $item->day >= $today->format('Y-m-d'),
        ));

        return new CalendarAnswer(
            $shown,
            $today->format('Y-m-d'),
            $this->year->between($home, $calendar, new \DateTimeImmutable($shown . '-01-01'), new \DateTimeImmutable($shown . '-12-31')),
            \array_slice($ahead, 0, self::NEXT),
            $this->care->of($home),
            $calendar->lines(),
            $calendar->hemisphere(),
            null === $feed ? null : '/feeds/' . $feed->key() . '.ics',
            $calendar->version(),
        );
    }
}
