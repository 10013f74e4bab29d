<?php

declare(strict_types=1);

namespace App\Calendar;

use App\Entity\Home;
use Psr\Clock\ClockInterface;
use Sabre\VObject\Component\VCalendar;

/** The calendar of a home as iCalendar (RFC 5545): whole days, from half a year back to a year and a half ahead. */
final readonly class WriteCalendar
{
    private const BACK = '-180 days';
    private const AHEAD = '+540 days';

    public function __construct(private Calendars $calendars, private HomeYear $year, private CareList $care, private ClockInterface $clock) {}

    public function of(Home $home): string
    {
        $now = $this->clock->now();
        $file = new VCalendar(['PRODID' => '-//Bright Cupboard//Home calendar//EN', 'X-WR-CALNAME' => $home->name()]);
        $stamp = \DateTimeImmutable::createFromInterface($now)->setTimezone(new \DateTimeZone('UTC'));
        foreach ($this->year->between($home, $this->calendars->of($home), $now->modify(self::BACK), $now->modify(self::AHEAD)) as $item) {
            $this->add($file, $item->key, '' === $item->note ? $item->title : $item->title . ' (' . $item->note . ')', $item->day, $item->until, $stamp);
        }
        foreach ($this->care->of($home) as $care) {
            $this->add(
                $file,
                sprintf('care-%s-%s', $care->piece, sha1($care->job->value)),
                sprintf('%s: %s', $care->name, $care->job->value),
                $care->due,
                null,
                $stamp,
            );
        }

        return $file->serialize();
    }

    private function add(VCalendar $file, string $key, string $title, string $day, ?string $until, \DateTimeImmutable $stamp): void
    {
        $event = $file->createComponent(
            'VEVENT',
            ['UID' => sha1($key) . '@bright-cupboard', 'SUMMARY' => $title, 'DTSTAMP' => $stamp, 'TRANSP' => 'TRANSPARENT'],
        );
        $event->add('DTSTART', str_replace('-', '', $day), ['VALUE' => 'DATE']);
        // The end of a whole day is the day after it (RFC 5545, 3.6.1).
        $event->add('DTEND', (new \DateTimeImmutable($until ?? $day))->modify('+1 day')->format('Ymd'), ['VALUE' => 'DATE']);
        $file->add($event);
    }
}
