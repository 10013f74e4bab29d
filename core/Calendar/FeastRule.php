<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Calendar;

/**
 * When a feast is, as people say it: "24 Dec", "4th Thursday of November", "last Sunday of September", "2 days before
 * Easter", "first Sunday of Advent", "Sunday before 24 June".
 */
final readonly class FeastRule
{
    private const MONTHS = [
        'jan' => 1, 'feb' => 2, 'mar' => 3, 'apr' => 4, 'may' => 5, 'jun' => 6, 'jul' => 7, 'aug' => 8, 'sep' => 9, 'oct' => 10,
        'nov' => 11, 'dec' => 12,
    ];
    private const DAYS = [
        'mon' => 'monday', 'tue' => 'tuesday', 'wed' => 'wednesday', 'thu' => 'thursday', 'fri' => 'friday', 'sat' => 'saturday',
        'sun' => 'sunday',
    ];
    private const ORDINALS = [
        'first' => 1, '1st' => 1, 'second' => 2, '2nd' => 2, 'third' => 3, '3rd' => 3, 'fourth' => 4, '4th' => 4, 'fifth' => 5, '5th' => 5,
        'last' => -1,
    ];
    private const MONTH = '(jan|feb|mar|apr|may|jun|jul|aug|sep|oct|nov|dec)[a-z]*\.?';
    private const DAY = '(mon|tue|wed|thu|fri|sat|sun)[a-z]*';
    /** Advent begins on the fourth Sunday before it. */
    private const CHRISTMAS = [12, 25];
    private const LEAP_YEAR = 2028;

    /** @param \Closure(int): (\DateTimeImmutable|null) $on the day in a year; null where that year has none */
    private function __construct(private \Closure $on) {}

    /** @throws InvalidFeast */
    public static function read(string $text): self
    {
        $said = mb_strtolower(trim($text));
        $ordinal = '(' . implode('|', array_keys(self::ORDINALS)) . ')';
        $rule = match (true) {
            1 === preg_match(
                '/^(?:the )?(\d{1,2})(?:st|nd|rd|th)?(?: of)?\s+' . self::MONTH . '$/',
                $said,
                $m,
            ) => self::fixed(self::MONTHS[$m[2]], (int) $m[1]),
            1 === preg_match('/^' . self::MONTH . '\s+(\d{1,2})(?:st|nd|rd|th)?$/', $said, $m) => self::fixed(self::MONTHS[$m[1]], (int) $m[2]),
            1 === preg_match(
                '/^(?:the )?' . $ordinal . '\s+sunday (?:of|in) advent$/',
                $said,
                $m,
            ) && self::ORDINALS[$m[1]] > 0 && self::ORDINALS[$m[1]] < 5 => self::beside('sunday', 5 - self::ORDINALS[$m[1]], self::CHRISTMAS, false),
            1 === preg_match(
                '/^(?:the )?' . $ordinal . '\s+' . self::DAY . '\s+(?:of|in)\s+' . self::MONTH . '$/',
                $said,
                $m,
            ) => self::nth(self::ORDINALS[$m[1]], self::DAYS[$m[2]], self::MONTHS[$m[3]]),
            1 === preg_match(
                '/^' . self::DAY . '\s+(before|after)\s+(\d{1,2})\s+' . self::MONTH . '$/',
                $said,
                $m,
            ) => self::beside(self::DAYS[$m[1]], 1, [self::MONTHS[$m[4]], (int) $m[3]], 'after' === $m[2]),
            1 === preg_match(
                '/^(?:(\d{1,3}) days? (before|after) )?easter(?: (?:sunday|day))?$/',
                $said,
                $m,
            ) => self::easter(('before' === ($m[2] ?? '') ? -1 : 1) * (int) ($m[1] ?? 0)),
            default => null,
        };

        return $rule ?? throw InvalidFeast::unreadable($text);
    }

    /** Null where the year has no such day, as 29 February mostly. */
    public function on(int $year): ?\DateTimeImmutable
    {
        return ($this->on)($year);
    }

    private static function fixed(int $month, int $day): self
    {
        if (!checkdate($month, max(0, $day), self::LEAP_YEAR)) {
            throw InvalidFeast::noSuchDay($day . ' ' . array_search($month, self::MONTHS, true));
        }

        return new self(static fn(int $year): ?\DateTimeImmutable => checkdate($month, $day, $year) ? self::day($year, $month, $day) : null);
    }

    private static function nth(int $n, string $weekday, int $month): self
    {
        return new self(static function (int $year) use ($n, $weekday, $month): ?\DateTimeImmutable {
            $which = -1 === $n ? 'last' : 'first';
            $found = new \DateTimeImmutable(sprintf('%s %s of %04d-%02d', $which, $weekday, $year, $month));
            $found = $found->add(new \DateInterval(sprintf('P%dD', max(0, 7 * ($n - 1)))));

            return $found->format('n') === (string) $month ? $found : null;
        });
    }

    /** @param array{int, int} $day month and day that the weekday lies before or after */
    private static function beside(string $weekday, int $weeks, array $day, bool $isAfter): self
    {
        if (!checkdate($day[0], max(0, $day[1]), self::LEAP_YEAR)) {
            throw InvalidFeast::noSuchDay($day[1] . ' ' . array_search($day[0], self::MONTHS, true));
        }

        return new self(static fn(int $year): \DateTimeImmutable => self::day($year, $day[0], min($day[1], (int) self::day($year, $day[0], 1)->format('t')))
            ->modify(($isAfter ? 'next ' : 'last ') . $weekday)
            ->modify(sprintf('%s%d days', $isAfter ? '+' : '-', 7 * ($weeks - 1))));
    }

    private static function easter(int $days): self
    {
        return new self(static fn(int $year): \DateTimeImmutable => Easter::sunday($year)->modify(sprintf('%+d days', $days)));
    }

    private static function day(int $year, int $month, int $day): \DateTimeImmutable
    {
        return new \DateTimeImmutable(sprintf('%04d-%02d-%02d', $year, $month, $day));
    }
}
