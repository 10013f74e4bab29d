<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Intake;

use BrightCupboard\Core\Intake\Internal\CellText;
use BrightCupboard\Core\Intake\Internal\DayWords;
use BrightCupboard\Core\Intake\Internal\SpokenNumbers;
use BrightCupboard\Core\Money\InvalidMoney;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Single cells of a sheet as people fill them in. */
final class CellTextTest extends TestCase
{
    /** @return iterable<string, array{string, int|null}> cell, how many */
    public static function counts(): iterable
    {
        yield 'a figure' => ['12', 12];
        yield 'a figure of a spreadsheet' => ['3.0', 3];
        yield 'a word' => ['twelve', 12];
        yield 'a pair' => ['pair', 2];
        yield 'one pair' => ['1 pair', 2];
        yield 'three pairs' => ['3 pr', 6];
        yield 'a dozen' => ['a dozen', 12];
        yield 'half a dozen' => ['half a dozen', 6];
        yield 'two dozen' => ['2 doz', 24];
        yield 'a set of so many' => ['set of 3', 3];
        yield 'sets of so many' => ['2 sets of 4', 8];
        yield 'times' => ['2 x 4', 8];
        yield 'times before' => ['x6', 6];
        yield 'times behind' => ['6x', 6];
        yield 'pieces' => ['6 pcs', 6];
        yield 'a word for the thing' => ['12 stems', 12];
        yield 'about' => ['~10', 10];
        yield 'about, with a question' => ['10?', 10];
        yield 'in brackets' => ['(4)', 4];
        yield 'none' => ['0', null];
        yield 'less than none' => ['-3', null];
        yield 'half a thing' => ['2.5', null];
        yield 'some' => ['some', null];
        yield 'too many' => ['1200', null];
        yield 'two counts' => ['3 or 4', null];
    }

    #[DataProvider('counts')]
    public function testReadsACount(string $cell, ?int $count): void
    {
        self::assertSame($count, CellText::count($cell));
    }

    /**
     * @return iterable<string, array{string, int, bool, int|null, bool}> cell, how many, whether the column is for all, cents each, whether
     *         it is an estimate
     */
    public static function prices(): iterable
    {
        yield 'an amount' => ['4.50', 3, false, 450, false];
        yield 'a comma' => ['4,50', 3, false, 450, false];
        yield 'a thousand' => ['1,250.00', 1, false, 125_000, false];
        yield 'a thousand the other way round' => ['1.250,00', 1, false, 125_000, false];
        yield 'each' => ['$3 ea', 4, true, 300, false];
        yield 'the set' => ['$40 / set', 8, false, 500, false];
        yield 'the pair' => ['12 the pair', 2, false, 600, false];
        yield 'for so many' => ['40 for 8', 2, false, 500, false];
        yield 'a column for all' => ['24', 12, true, 200, false];
        yield 'about' => ['about 5', 1, false, 500, true];
        yield 'ish' => ['$5ish', 1, false, 500, true];
        yield 'dollars in words' => ['5 dollars', 1, false, 500, false];
        yield 'nothing' => ['n/a', 1, false, null, false];
        yield 'a gift' => ['gift', 1, false, null, false];
        yield 'a dash' => ['-', 1, false, null, false];
    }

    #[DataProvider('prices')]
    public function testReadsWhatOneCost(string $cell, int $count, bool $isForAll, ?int $cents, bool $isAbout): void
    {
        [$money, $estimate] = CellText::money($cell, $count, $isForAll);

        self::assertSame([$cents, $isAbout], [$money?->minor, $estimate]);
    }

    #[TestWith(['5 or 6'])]
    #[TestWith(['a lot'])]
    #[TestWith(['-4'])]
    #[TestWith(['1.2.3'])]
    public function testWhatIsNoAmountIsRefused(string $cell): void
    {
        $this->expectException(InvalidMoney::class);
        CellText::money($cell, 1, false);
    }

    /** @return iterable<string, array{list<string>, bool|null}> cells of a column, whether the day comes first */
    public static function columns(): iterable
    {
        yield 'one tells of all' => [['3/4/2021', '25/12/2020'], true];
        yield 'the other way round' => [['3/4/2021', '12/25/2020'], false];
        yield 'nobody can tell' => [['3/4/2021', '5/5/2020', 'last year'], null];
        yield 'none at all' => [[], null];
    }

    /** @param list<string> $cells */
    #[DataProvider('columns')]
    public function testOneDayTellsOfItsColumn(array $cells, ?bool $isDayFirst): void
    {
        self::assertSame($isDayFirst, DayWords::isDayFirst($cells));
    }

    #[TestWith(['3/4/2021', true, '2021-04-03'])]
    #[TestWith(['3/4/2021', false, '2021-03-04'])]
    #[TestWith(['3/4/21', false, '2021-03-04'])]
    #[TestWith(['12/2020', null, '2020-12-01'])]
    #[TestWith(['xmas 2019', null, '2019-01-01'])]
    #[TestWith(['2019?', null, '2019-01-01'])]
    #[TestWith(['3/4/2021', null, null])]
    #[TestWith(['31/2/2021', true, null])]
    public function testReadsADayTheWayItsColumnIsWritten(string $cell, ?bool $isDayFirst, ?string $day): void
    {
        self::assertSame($day, DayWords::read($cell, $isDayFirst)?->format('Y-m-d'));
    }

    #[TestWith(['nine and a half inches tall', '9 1/2 inches tall'])]
    #[TestWith(['twenty four dollars each', '24 dollars each'])]
    #[TestWith(['two metres of garland', '2 m of garland'])]
    #[TestWith(['three bells', 'three bells'])]
    #[TestWith(['one of a kind', 'one of a kind'])]
    #[TestWith(['nine tall vases', 'nine tall vases'])]
    public function testWritesSpokenNumbersBeforeMeasuresOnly(string $line, string $written): void
    {
        self::assertSame($written, SpokenNumbers::written($line));
    }
}
