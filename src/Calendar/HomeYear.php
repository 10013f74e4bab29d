<?php

declare(strict_types=1);

namespace App\Calendar;

use App\Entity\Home;
use App\Entity\HomeCalendar;
use App\Entity\Swap;
use App\Entity\WorkDay;
use App\Repository\HouseRepository;
use BrightCupboard\Core\Calendar\Backwards;
use BrightCupboard\Core\Stock\Season;
use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;

/** All that happens in a home between two days: seasons, feasts, sales, swaps and what they ask for, returns. */
final readonly class HomeYear
{
    /** Days in which shops usually take things back (memory; what the receipt says counts). */
    private const RETURN_DAYS = 30;

    public function __construct(private EntityManagerInterface $entities, private HouseRepository $house, private Connection $db) {}

    /** @return list<CalendarItem> that touch the days from the first to the last, by day */
    public function between(Home $home, HomeCalendar $calendar, \DateTimeImmutable $first, \DateTimeImmutable $last): array
    {
        $items = [...$this->ofSun($calendar, $first, $last), ...$this->ofFeasts($calendar, $first, $last), ...$this->ofSwaps($home), ...$this->returns($home)];
        [$from, $to] = [$first->format('Y-m-d'), $last->format('Y-m-d')];
        $items = array_filter($items, static fn(CalendarItem $item): bool => $item->day <= $to && ($item->until ?? $item->day) >= $from);
        usort($items, static fn(CalendarItem $a, CalendarItem $b): int => [$a->day, $a->kind, $a->title] <=> [$b->day, $b->kind, $b->title]);

        return $items;
    }

    /** @return list<CalendarItem> the seasons as stretches; the day is the one in universal time */
    private function ofSun(HomeCalendar $calendar, \DateTimeImmutable $first, \DateTimeImmutable $last): array
    {
        $begins = [];
        for ($year = (int) $first->format('Y') - 1; $year <= (int) $last->format('Y') + 1; ++$year) {
            foreach (Season::cases() as $season) {
                $begins[$calendar->hemisphere()->beginning($season)->instant($year)->format('Y-m-d')] = $season;
            }
        }
        ksort($begins);
        $days = array_keys($begins);
        $items = [];
        foreach (\array_slice($days, 0, -1) as $i => $day) {
            $items[] = new CalendarItem(
                'season-' . $day,
                'season',
                ucfirst($begins[$day]->value),
                $day,
                (new \DateTimeImmutable($days[$i + 1]))->modify('-1 day')->format('Y-m-d'),
            );
        }

        return $items;
    }

    /** @return list<CalendarItem> */
    private function ofFeasts(HomeCalendar $calendar, \DateTimeImmutable $first, \DateTimeImmutable $last): array
    {
        $items = [];
        for ($year = (int) $first->format('Y') - 1; $year <= (int) $last->format('Y'); ++$year) {
            foreach ($calendar->feasts()->of($year) as $i => $feast) {
                $key = sha1($feast->name) . '-' . $feast->day->format('Y') . '-' . $i;
                $items[] = new CalendarItem('feast-' . $key, 'feast', $feast->name, $feast->day->format('Y-m-d'));
                if (null !== $feast->saleUntil()) {
                    $items[] = new CalendarItem(
                        'sale-' . $key,
                        'sale',
                        'Clearance after ' . $feast->name,
                        $feast->day->modify('+1 day')->format('Y-m-d'),
                        $feast->saleUntil()->format('Y-m-d'),
                    );
                }
            }
            foreach ($calendar->feasts()->traditions as $i => $tradition) {
                $day = $tradition->on($year);
                if (null !== $day) {
                    $items[] = new CalendarItem(
                        sprintf('waits-%s-%s-%d', sha1($tradition->what), $day->format('Y'), $i),
                        'feast',
                        sprintf('From today: %s', $tradition->what),
                        $day->format('Y-m-d'),
                        note: 'not put out before',
                    );
                }
            }
        }

        return $items;
    }

    /** @return list<CalendarItem> */
    private function ofSwaps(Home $home): array
    {
        $swaps = array_reverse($this->house->swaps($home));
        usort($swaps, static fn(Swap $a, Swap $b): int => $a->swapDay() <=> $b->swapDay());
        $items = [];
        foreach ($swaps as $i => $swap) {
            $ends = $swap->strikeOn() ?? ($swaps[$i + 1] ?? null)?->swapDay()->modify('-1 day');
            $until = null === $ends || $ends < $swap->swapDay() ? null : $ends->format('Y-m-d');
            $items[] = new CalendarItem('swap-' . $swap->id(), 'swap', $swap->name(), $swap->swapDay()->format('Y-m-d'), $until, $swap->id());
            if (null !== $swap->strikeOn()) {
                $items[] = new CalendarItem(
                    'strike-' . $swap->id(),
                    'strike',
                    'Strike ' . $swap->name(),
                    $swap->strikeOn()->format('Y-m-d'),
                    null,
                    $swap->id(),
                );
            }
            if (null === $swap->closedAt()) {
                array_push($items, ...$this->ahead($swap));
            }
        }

        return $items;
    }

    /** @return list<CalendarItem> what a swap that is still open asks for */
    private function ahead(Swap $swap): array
    {
        $items = [new CalendarItem('day-' . $swap->id(), 'day', 'Swap day of ' . $swap->name(), $swap->swapDay()->format('Y-m-d'), null, $swap->id())];
        $others = $this->entities->getRepository(WorkDay::class)->findBy(['swap' => $swap]);
        foreach ($others as $day) {
            $items[] = new CalendarItem('day-' . $day->id(), 'day', $day->name(), $day->date()->format('Y-m-d'), null, $swap->id());
        }
        if (null !== $swap->dressBy()) {
            $items[] = new CalendarItem(
                'dressed-' . $swap->id(),
                'plan',
                sprintf('%s: dressed by', $swap->name()),
                $swap->dressBy()->format('Y-m-d'),
                null,
                $swap->id(),
                'somebody waits for it',
            );
        }
        foreach (Backwards::from($swap->swapDay()) as $what => [$day, $words, $why]) {
            if ('second look' !== $what || [] === $others) {
                $items[] = new CalendarItem(
                    $what . '-' . $swap->id(),
                    'plan',
                    sprintf('%s: %s', $swap->name(), $words),
                    $day->format('Y-m-d'),
                    null,
                    $swap->id(),
                    $why,
                );
            }
        }

        return $items;
    }

    /** @return list<CalendarItem> until when what was bought for a swap that is open, or closed lately, may go back */
    private function returns(Home $home): array
    {
        $rows = $this->db->iterateNumeric(
            'SELECT p.name, p.came_on, p.got_for FROM piece p JOIN swap s ON s.id = p.got_for WHERE p.home_id = ? '
                . 'AND p.removed_at IS NULL AND p.came_on IS NOT NULL AND (s.closed_at IS NULL OR s.closed_at >= p.came_on) ORDER BY p.came_on, p.name',
            [$home->id()],
        );
        $names = [];
        /** @var array{string, string, string} $row */
        foreach ($rows as $row) {
            $names[$row[2] . ' ' . $row[1]][] = $row[0];
        }
        $items = [];
        foreach ($names as $of => $pieces) {
            [$swap, $came] = explode(' ', $of);
            $until = (new \DateTimeImmutable($came))->modify(sprintf('+%d days', self::RETURN_DAYS));
            $title = 1 === \count($pieces) ? $pieces[0] . ' may go back until then' : sprintf('%d things may go back until then', \count($pieces));
            $items[] = new CalendarItem(
                'return-' . sha1($of),
                'return',
                $title,
                $until->format('Y-m-d'),
                null,
                $swap,
                1 === \count($pieces) ? '' : implode(', ', $pieces),
            );
        }

        return $items;
    }
}
