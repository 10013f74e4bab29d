<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Measure;

/** Times of the day as people write them: "9:30", "9.30", "0930", "9", "9 am", "5pm". A time is minutes from midnight. */
final readonly class TimeText
{
    private const NOON = 12;

    /** @throws InvalidMeasure when it is no time of the day */
    public static function read(string $text): int
    {
        $isRead = 1 === preg_match('/^(\d{1,2})(?:\s*[:.h]\s*(\d{2})|(\d{2}))?\s*(?:h|o.?clock)?\s*([ap])?\.?\s*m?\.?$/iD', trim($text), $match);
        $hour = (int) ($match[1] ?? 0);
        $minute = (int) (($match[2] ?? '') !== '' ? $match[2] : ($match[3] ?? 0));
        $half = strtolower($match[4] ?? '');
        if (!$isRead || $minute > 59 || $hour > ('' === $half ? 23 : self::NOON) || ('' !== $half && 0 === $hour)) {
            throw InvalidMeasure::unreadable('time', $text, '9:30');
        }

        return 60 * ('' === $half ? $hour : $hour % self::NOON + ('p' === $half ? self::NOON : 0)) + $minute;
    }

    /** "9:30"; past midnight it goes on counting, so that a day that is too long says so: "25:10". */
    public static function write(int $minute): string
    {
        return sprintf('%d:%02d', intdiv($minute, 60), $minute % 60);
    }
}
