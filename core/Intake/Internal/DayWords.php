<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Intake\Internal;

use BrightCupboard\Core\Measure\DayText;
use BrightCupboard\Core\Measure\InvalidMeasure;

/**
 * Reads days as people write them in tables: "2026-11-05", "5 Nov 2026", "Nov 5, 2026", "13/11/2026", "Oct 2022", "2021". What may be two days is neither.
 *
 * @internal
 */
final readonly class DayWords
{
    private const MONTHS = [
        'jan' => 1, 'feb' => 2, 'mar' => 3, 'apr' => 4, 'may' => 5, 'jun' => 6, 'jul' => 7, 'aug' => 8, 'sep' => 9, 'oct' => 10,
        'nov' => 11, 'dec' => 12,
    ];
    private const SLASHES = '/^(\d{1,2})\/(\d{1,2})\/(\d{4}|\d{2})$/';
    private const WORD = '([a-z]{3})[a-z]*\.?';

    /**
     * A month or year alone is its first day.
     *
     * @param bool|null $isDayFirst how 5/11/2026 is meant; null where it may be either
     */
    public static function read(string $text, ?bool $isDayFirst = null): ?\DateTimeImmutable
    {
        $plain = trim(mb_strtolower(trim($text)), '.?~ ');
        $month = static fn(string $word): int => self::MONTHS[$word] ?? 0;

        return match (true) {
            1 === preg_match('/^(\d{4})-(\d{1,2})-(\d{1,2})(?:[t ].*)?$/', $plain, $m) => self::day((int) $m[1], (int) $m[2], (int) $m[3]),
            1 === preg_match('/^(\d{4})$/', $plain, $m) => self::day((int) $m[1], 1, 1),
            1 === preg_match('/^(?:spring|summer|autumn|fall|winter|xmas|christmas|early|late|mid)\s+(\d{4})$/', $plain, $m) => self::day((int) $m[1], 1, 1),
            1 === preg_match('/^' . self::WORD . ' (\d{4})$/', $plain, $m) => self::day((int) $m[2], $month($m[1]), 1),
            1 === preg_match('/^(\d{1,2})\.? ' . self::WORD . ',? (\d{4})$/', $plain, $m) => self::day((int) $m[3], $month($m[2]), (int) $m[1]),
            1 === preg_match('/^' . self::WORD . ' (\d{1,2}),? (\d{4})$/', $plain, $m) => self::day((int) $m[3], $month($m[1]), (int) $m[2]),
            1 === preg_match('/^(\d{1,2})\.(\d{1,2})\.(\d{4})$/', $plain, $m) => self::day((int) $m[3], (int) $m[2], (int) $m[1]),
            1 === preg_match(self::SLASHES, $plain, $m) => self::sure((int) $m[1], (int) $m[2], self::year($m[3])) ?? match ($isDayFirst) {
                true => self::day(self::year($m[3]), (int) $m[2], (int) $m[1]),
                false => self::day(self::year($m[3]), (int) $m[1], (int) $m[2]),
                null => null,
            },
            1 === preg_match('/^(\d{1,2})\/(\d{4})$/', $plain, $m) => self::day((int) $m[2], (int) $m[1], 1),
            default => null,
        };
    }

    /** Whether it is a day by one reading and another by the other. */
    public static function mayBeTwo(string $text): bool
    {
        return 1 === preg_match(self::SLASHES, trim($text), $m) && $m[1] <= 12 && $m[2] <= 12 && (int) $m[1] !== (int) $m[2];
    }

    /** Whether it is written as a day is, in figures. */
    public static function isWritten(string $text): bool
    {
        return 1 === preg_match('/^\d{1,4}[\/.-]\d{1,2}[\/.-]\d{1,4}/', trim($text));
    }

    /**
     * Which comes first in a column of days with strokes: one that can only be read one way tells it of all the others.
     *
     * @param list<string> $cells
     */
    public static function isDayFirst(array $cells): ?bool
    {
        foreach ($cells as $cell) {
            if (1 === preg_match(self::SLASHES, trim($cell), $m) && (($m[1] > 12) !== ($m[2] > 12))) {
                return $m[1] > 12;
            }
        }

        return null;
    }

    private static function year(string $digits): int
    {
        return (int) $digits + (2 === \strlen($digits) ? 2000 : 0);
    }

    private static function sure(int $one, int $two, int $year): ?\DateTimeImmutable
    {
        return match (true) {
            $one > 12 || $one === $two => self::day($year, $two, $one),
            $two > 12 => self::day($year, $one, $two),
            default => null,
        };
    }

    private static function day(int $year, int $month, int $day): ?\DateTimeImmutable
    {
        try {
            return DayText::of($year, $month, $day);
        } catch (InvalidMeasure) {
            return null; // what is no day is asked back with the text as it stands
        }
    }
}
