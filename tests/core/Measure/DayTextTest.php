<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Measure;

use BrightCupboard\Core\Measure\DayText;
use BrightCupboard\Core\Measure\InvalidMeasure;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class DayTextTest extends TestCase
{
    /** @return iterable<string, array{string}> */
    public static function days(): iterable
    {
        yield 'a plain day' => ['2026-11-05'];
        yield 'a leap day (Gregorian rule: 2000 is one)' => ['2000-02-29'];
        yield 'the first' => ['1900-01-01'];
        yield 'the last' => ['2100-12-31'];
    }

    #[DataProvider('days')]
    public function testReadsARealDay(string $text): void
    {
        self::assertSame($text, DayText::read(' ' . $text . ' ')->format('Y-m-d'));
    }

    /** @return iterable<string, array{string, string}> what is written, what is said */
    public static function noDays(): iterable
    {
        yield 'nothing' => ['0000-00-00', 'There is no 0000-00-00 in the calendar.'];
        yield 'past the end of February' => ['2026-02-31', 'There is no 2026-02-31 in the calendar.'];
        yield 'no leap year (1900 is none)' => ['1900-02-29', 'There is no 1900-02-29 in the calendar.'];
        yield 'the year 1' => ['0001-01-01', 'A day is one between 1900 and 2100, got 0001-01-01.'];
        yield 'a day before the first' => ['1899-12-31', 'A day is one between 1900 and 2100, got 1899-12-31.'];
        yield 'a day after the last' => ['2101-01-01', 'A day is one between 1900 and 2100, got 2101-01-01.'];
        yield 'another order' => ['05.11.2026', '“05.11.2026” is not a day. Write it like 2026-11-05.'];
        yield 'empty' => ['', 'Write a day here, like 2026-11-05.'];
        yield 'a NUL inside' => ["2026-\x0011-05", '“2026-11-05” is not a day. Write it like 2026-11-05.'];
        yield 'a line feed behind it' => ["2026-11-0\n5", "“2026-11-0\n5” is not a day. Write it like 2026-11-05."];
    }

    #[DataProvider('noDays')]
    public function testRefusesWhatIsNone(string $text, string $sentence): void
    {
        $this->expectException(InvalidMeasure::class);
        $this->expectExceptionMessage($sentence);
        DayText::read($text);
    }
}
