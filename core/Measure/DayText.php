<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Measure;

/** Days as they are written in forms, files and documents, such as 2026-11-05: real ones, from 1900 to 2100. */
final readonly class DayText
{
    private const FIRST_YEAR = 1900;
    private const LAST_YEAR = 2100;

    /** @throws InvalidMeasure when it is not written so, is not in the calendar, or lies outside the years */
    public static function read(string $text): \DateTimeImmutable
    {
        if (1 !== preg_match('/^(\d{4})-(\d{2})-(\d{2})$/D', trim($text), $match)) {
            throw InvalidMeasure::unreadable('day', str_replace("\0", '', $text), '2026-11-05');
        }

        return self::of((int) $match[1], (int) $match[2], (int) $match[3]);
    }

    /** @throws InvalidMeasure when it is not in the calendar, or lies outside the years */
    public static function of(int $year, int $month, int $day): \DateTimeImmutable
    {
        if (!checkdate(max(0, $month), max(0, $day), max(1, $year))) {
            throw InvalidMeasure::noSuchDay(sprintf('%04d-%02d-%02d', $year, $month, $day));
        }
        if ($year < self::FIRST_YEAR || $year > self::LAST_YEAR) {
            throw InvalidMeasure::farDay(sprintf('%04d-%02d-%02d', $year, $month, $day), self::FIRST_YEAR, self::LAST_YEAR);
        }

        return new \DateTimeImmutable(sprintf('%04d-%02d-%02d', $year, $month, $day));
    }
}
