<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Calendar;

use BrightCupboard\Core\Calendar\Backwards;
use BrightCupboard\Core\Calendar\Easter;
use BrightCupboard\Core\Calendar\Feast;
use BrightCupboard\Core\Calendar\FeastRule;
use BrightCupboard\Core\Calendar\Feasts;
use BrightCupboard\Core\Calendar\Hemisphere;
use BrightCupboard\Core\Calendar\InvalidDates;
use BrightCupboard\Core\Calendar\InvalidFeast;
use BrightCupboard\Core\Calendar\SunTurn;
use BrightCupboard\Core\Calendar\SwapDates;
use BrightCupboard\Core\Calendar\Tradition;
use BrightCupboard\Core\Stock\Season;
use BrightCupboard\Tests\Core\Support\Reference;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\RequiresPhpExtension;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Feasts, seasons and backward plans against the books and against libraries. */
final class CalendarTest extends TestCase
{
    #[RequiresPhpExtension('calendar')]
    public function testEasterIsThatOfPhpsCalendarFor1583To4099(): void
    {
        for ($year = 1583; $year <= 4099; ++$year) {
            $march21 = new \DateTimeImmutable(sprintf('%04d-03-21', $year));
            self::assertSame(
                $march21->modify(sprintf('+%d days', easter_days($year, \CAL_EASTER_ALWAYS_GREGORIAN)))->format('Y-m-d'),
                Easter::sunday($year)->format('Y-m-d'),
            );
        }
    }

    /** Meeus, Astronomical Algorithms, ch. 8, gives these as examples. */
    #[TestWith([1818, '1818-03-22'])]
    #[TestWith([1943, '1943-04-25'])]
    #[TestWith([1954, '1954-04-18'])]
    #[TestWith([2000, '2000-04-23'])]
    public function testEasterIsThatOfTheBook(int $year, string $day): void
    {
        self::assertSame($day, Easter::sunday($year)->format('Y-m-d'));
    }

    /** Meeus, Astronomical Algorithms, example 27.a: June solstice of 1962, JDE 2437837.39245, 21 June 21:25:08 of dynamical time. */
    public function testTheSolsticeIsThatOfTheWorkedExample(): void
    {
        self::assertEqualsWithDelta(2437837.39245, SunTurn::June->dynamicalDay(1962), 1e-5);
        self::assertSame('1962-06-21 21:25', SunTurn::June->instant(1962)->modify('+34 seconds')->format('Y-m-d H:i'));
    }

    public function testSolsticesAndEquinoxesAreThoseOfALibraryWithinTwoMinutes(): void
    {
        $years = range(1900, 2100);
        foreach (Reference::ask(__DIR__ . '/sun.mjs', $years) as $i => $instants) {
            foreach (SunTurn::cases() as $k => $turn) {
                self::assertEqualsWithDelta($instants[$k], $turn->instant($years[$i])->getTimestamp(), 120, "{$turn->value} {$years[$i]}");
            }
        }
    }

    public function testTheOtherHalfOfTheEarthHasTheOtherSeasons(): void
    {
        self::assertSame(SunTurn::December, Hemisphere::North->beginning(Season::Winter));
        self::assertSame(SunTurn::June, Hemisphere::South->beginning(Season::Winter));
        self::assertSame(SunTurn::September, Hemisphere::South->beginning(Season::Spring));
    }

    public function testFeastsByRuleAreThoseOfALibrary(): void
    {
        $rules = [
            '4th Thursday of November', 'Monday before 1 June', 'second Sunday in May', '2 days before Easter', '49 days after Easter',
            '4th Sunday of Advent', 'first Monday of September',
        ];
        $years = range(1990, 2060);
        foreach (Reference::ask(__DIR__ . '/feasts.mjs', $years) as $i => $days) {
            foreach ($rules as $k => $rule) {
                self::assertSame($days[$k], FeastRule::read($rule)->on($years[$i])?->format('Y-m-d'), "{$rule} {$years[$i]}");
            }
        }
    }

    /** @return iterable<string, array{string, int, string|null}> counted by hand on a wall calendar */
    public static function rules(): iterable
    {
        yield 'a day' => ['24 Dec', 2026, '2026-12-24'];
        yield 'a day the other way round' => ['December 24th', 2026, '2026-12-24'];
        yield 'with words between' => ['the 1st of May', 2026, '2026-05-01'];
        yield 'the last of its month' => ['last Sunday of September', 2026, '2026-09-27'];
        yield 'the fifth where there are four' => ['5th Monday of February', 2026, null];
        yield 'the first of Advent' => ['first Sunday of Advent', 2026, '2026-11-29'];
        yield 'the first of Advent where Christmas is a Sunday' => ['first Sunday of Advent', 2022, '2022-11-27'];
        yield 'a day of leap years' => ['29 Feb', 2026, null];
        yield 'Easter itself' => ['Easter', 2027, '2027-03-28'];
        yield 'the day after' => ['1 day after Easter', 2027, '2027-03-29'];
        yield 'the Saturday after Midsummer' => ['Saturday after 24 June', 2026, '2026-06-27'];
    }

    #[DataProvider('rules')]
    public function testReadsWhenPeopleSayItIs(string $text, int $year, ?string $day): void
    {
        self::assertSame($day, FeastRule::read($text)->on($year)?->format('Y-m-d'));
    }

    #[TestWith(['sometime in May', 'is not understood'])]
    #[TestWith(['31 April', 'no such day'])]
    #[TestWith(['6th Monday of May', 'is not understood'])]
    #[TestWith(['', 'is not understood'])]
    public function testRefusesWhatIsNoDay(string $text, string $sentence): void
    {
        $this->expectException(InvalidFeast::class);
        $this->expectExceptionMessage($sentence);
        FeastRule::read($text);
    }

    public function testTheUsualFeastsAreInOrderAndSomeHaveASaleAfter(): void
    {
        $feasts = Feasts::read(Feasts::USUAL)->of(2026);
        $days = array_map(static fn(Feast $feast): string => $feast->day->format('m-d'), $feasts);
        $sorted = $days;
        sort($sorted);

        self::assertCount(12, $feasts);
        self::assertSame($sorted, $days);
        self::assertSame(
            '2027-01-08',
            end($feasts)->hasSale ? '' : array_values(array_filter(
                $feasts,
                static fn(Feast $feast): bool => 'Christmas Day' === $feast->name,
            ))[0]->saleUntil()?->format('Y-m-d'),
        );
    }

    public function testWhatWaitsIsNoFeastAndMayWaitForOne(): void
    {
        $feasts = Feasts::read("Stockings: not before long night\nLong Night: 21 Dec\nThe tree: never until 24 Dec");

        self::assertSame(['Long Night'], array_map(static fn(Feast $feast): string => $feast->name, $feasts->of(2026)));
        self::assertSame(
            [['Stockings', '2026-12-21'], ['The tree', '2026-12-24']],
            array_map(static fn(Tradition $one): array => [$one->what, $one->on(2026)?->format('Y-m-d')], $feasts->traditions),
        );
    }

    /** @param array{?string, ?string, ?string} $days swap day, day to stand by, day of the strike */
    #[TestWith([['2026-12-05', null, null], '2026-12-05'])]
    #[TestWith([[null, '2026-12-24', null], '2026-12-22'])]
    #[TestWith([['2026-12-24', '2026-12-24', '2027-01-06'], '2026-12-24'], 'on the last day, if it must be')]
    #[TestWith([[null, '2027-01-01', '2027-01-06'], '2026-12-30'], 'over the turn of the year')]
    #[TestWith([[null, null, null], 'swapDay: Choose a swap day'])]
    #[TestWith([['2026-12-25', '2026-12-24', null], 'swapDay: It has to stand by 24 December.'])]
    #[TestWith([['2026-12-05', null, '2026-12-05'], 'strikeOn: It is struck after its swap day.'])]
    #[TestWith([['2026-12-05', '2026-12-24', '2026-12-20'], 'strikeOn: It has to stand by 24 December and is struck after that.'])]
    public function testTheDaysOfASwapFollowOneAnother(array $days, string $said): void
    {
        $read = array_map(static fn(?string $day): ?\DateTimeImmutable => null === $day ? null : new \DateTimeImmutable($day), $days);
        try {
            self::assertSame($said, SwapDates::of(...$read)->swapDay->format('Y-m-d'));
        } catch (InvalidDates $refusal) {
            self::assertStringStartsWith($said, $refusal->date . ': ' . $refusal->getMessage());
        }
    }

    public function testALineThatIsNotUnderstoodIsNamed(): void
    {
        $this->expectExceptionMessage('“Tree day 24 Dec” is not understood.');
        Feasts::read("Egg hunt: 1 day after Easter\n\nTree day 24 Dec");
    }

    public function testWhatComesBeforeASwapDayComesInOrder(): void
    {
        $days = array_map(static fn(array $one): string => $one[0]->format('Y-m-d'), Backwards::from(new \DateTimeImmutable('2026-12-05')));

        self::assertSame(
            ['look' => '2026-10-24', 'table' => '2026-11-07', 'order' => '2026-11-21', 'in the house' => '2026-12-02', 'second look' => '2026-12-09'],
            $days,
        );
    }

    #[TestWith(['Mantel', 'Hearth shelf', "Hearth shelf: not before Bells\nSills: not before 3 Dec\nMantel: 1 May"], 'a feast may be called as it likes')]
    #[TestWith(['sills', 'Ledges', "the mantel: not before Bells\nLedges: not before 3 Dec\nMantel: 1 May"])]
    #[TestWith(['Sofa', 'Couch', self::LINES], 'nothing is about it')]
    #[TestWith(['Mantel', 'Mantel: left', self::LINES], 'a colon ends the name')]
    public function testATraditionFollowsToANewName(string $was, string $is, string $lines): void
    {
        self::assertSame($lines, Feasts::renamed(self::LINES, $was, $is));
    }

    public function testWhatSomethingElseIsStillCalledKeepsItsTradition(): void
    {
        self::assertSame("Sill: until 3 Dec\nKitchen sill: until 3 Dec", Feasts::renamed('Sill: until 3 Dec', 'Sill', 'Kitchen sill', true));
    }

    private const LINES = "the mantel: not before Bells\nSills: not before 3 Dec\nMantel: 1 May";
}
