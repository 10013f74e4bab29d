<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Day;

use BrightCupboard\Core\Day\Crew;
use BrightCupboard\Core\Day\DayPlanner;
use BrightCupboard\Core\Day\DayTask;
use BrightCupboard\Core\Day\Effort;
use BrightCupboard\Core\Day\Hand;
use BrightCupboard\Core\Day\Hours;
use BrightCupboard\Core\Day\InvalidDay;
use BrightCupboard\Core\Day\Lanes;
use BrightCupboard\Core\Day\Pause;
use BrightCupboard\Core\Day\Phase;
use BrightCupboard\Core\Plan\Target;
use BrightCupboard\Tests\Core\Plan\SeededHome;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A day with people who may not do everything, who come and go, who have breaks, and a table that takes only so much. */
final class WorkingDayTest extends TestCase
{
    private const MINUTES = 4;

    /**
     * The bars of the design: over seeded homes within 3 % of the lower bound on average, never past 10 %, or past
     * a few minutes where the whole day is half an hour.
     */
    public function testOneToFourPeopleAreNearTheLowerBound(): void
    {
        for ($people = 1; $people <= 4; ++$people) {
            $shares = [];
            for ($seed = 1; $seed <= 300; ++$seed) {
                $tasks = $this->sheet($seed);
                if (\count($tasks) < 10) {
                    continue;
                }
                $day = (new Lanes(Crew::of($people)))->schedule($tasks);
                $bound = max($day->longestChain, $day->workShared);
                $shares[] = $day->worked / $bound;
                self::assertLessThanOrEqual(max(1.10 * $bound, $bound + self::MINUTES), $day->worked, "{$people} people, home {$seed}");
            }
            self::assertGreaterThan(150, \count($shares));
            self::assertLessThanOrEqual(1.03, array_sum($shares) / \count($shares), "{$people} people, on average");
            self::assertGreaterThanOrEqual(1.0, min($shares), 'nothing is quicker than it can be');
        }
    }

    /** Where two are needed at once, a lane may have to wait; the bound does not know of that. */
    public function testEverySeededDayKeepsItsRules(): void
    {
        $crew = new Crew([new Hand('Orla', climbs: false), new Hand('Tam', lifts: false, until: 700), new Hand('Bo', from: 630)]);
        $hours = new Hours(540, 1020, [new Pause(720, 45), new Pause(600, 15)]);
        for ($seed = 1; $seed <= 300; ++$seed) {
            $tasks = $this->sheet($seed);
            $day = (new Lanes($crew, $hours, 9_000))->schedule($tasks);
            $busy = [];
            foreach ($tasks as $task) {
                $slot = $day->slots[$task->key];
                foreach ($task->after as $before) {
                    self::assertGreaterThanOrEqual($day->slots[$before]->end, $slot->start, "home {$seed}: {$task->key} before {$before}");
                }
                self::assertSame(
                    $task->effort->minutes,
                    $hours->workedBy($slot->end) - $hours->workedBy($slot->start),
                    "home {$seed}: {$task->key} has its minutes",
                );
                self::assertCount($task->effort->hands, array_unique($slot->lanes), "home {$seed}: {$task->key} has its hands");
                foreach ($slot->lanes as $lane) {
                    $hand = $crew->hands[$lane];
                    self::assertTrue($slot->start >= ($hand->from ?? 0), "home {$seed}: {$hand->name} is not there yet");
                    self::assertTrue($slot->end <= ($hand->until ?? 9_999), "home {$seed}: {$hand->name} has gone");
                    $busy[$lane][] = [$slot->start, $slot->end];
                }
            }
            foreach ($busy as $slots) {
                sort($slots);
                for ($i = 1; $i < \count($slots); ++$i) {
                    self::assertGreaterThanOrEqual($slots[$i - 1][1], $slots[$i][0], "home {$seed}: in two places");
                }
            }
        }
    }

    public function testOnlyWhoMayClimbsAndLifts(): void
    {
        $crew = new Crew([
            new Hand('Orla', climbs: false, lifts: false),
            new Hand('Tam', lifts: false),
            new Hand('Bo', climbs: false),
            new Hand('Ida', climbs: false),
        ]);
        $day = (new Lanes($crew))->schedule([
            self::task('star', new Effort(10, 2, climbs: true)),
            self::task('urn', new Effort(10, 2, lifts: true)),
            self::task('jug', new Effort(5)),
        ]);

        self::assertContains(1, $day->slots['star']->lanes, 'Tam is on the ladder');
        self::assertEqualsCanonicalizing([2, 3], $day->slots['urn']->lanes);
        self::assertSame([], $day->unmanned);
    }

    public function testSaysWhatNobodyMayDo(): void
    {
        $alone = (new Lanes(Crew::of(1)))->schedule([self::task('star', new Effort(10, 2, climbs: true)), self::task('jug', new Effort(5))]);
        $grounded = (new Lanes(new Crew([
            new Hand('Orla', climbs: false),
            new Hand('Bo', climbs: false),
        ])))->schedule([self::task('star', new Effort(10, 2, climbs: true))]);

        self::assertSame(['star'], $alone->unmanned);
        self::assertSame(['star'], $grounded->unmanned);
    }

    public function testADayHasItsBreaksAndSaysWhatComesTooLate(): void
    {
        $hours = new Hours(570, 720, [new Pause(600, 30)]);
        $day = (new Lanes(Crew::of(1), $hours))->schedule([self::task('a', new Effort(20)), self::task('b', new Effort(20)), self::task('c', new Effort(90))]);

        self::assertSame([570, 590], [$day->slots['a']->start, $day->slots['a']->end]);
        self::assertSame([590, 640], [$day->slots['b']->start, $day->slots['b']->end], 'ten minutes, the break, ten minutes');
        self::assertSame(['c'], $day->late);
        self::assertSame(730, $day->finish);
    }

    public function testTheTableIsClearedBeforeMoreIsLaidOnIt(): void
    {
        $tasks = [
            self::task('down', new Effort(10, laid: 6_000)),
            self::task('fetch', new Effort(10, laid: 6_000)),
            self::task('pack', new Effort(10, laid: -6_000), ['down']),
        ];
        $free = (new Lanes(Crew::of(1)))->schedule($tasks);
        $small = (new Lanes(Crew::of(1), new Hours(), 8_000))->schedule($tasks);

        self::assertSame([12_000, []], [$free->mostLaid, $free->overfull]);
        self::assertSame([6_000, []], [$small->mostLaid, $small->overfull]);
        self::assertGreaterThanOrEqual($small->slots['pack']->end, $small->slots['fetch']->start);
    }

    public function testWhatNoTableTakesIsLaidOutAllTheSameAndSaid(): void
    {
        $day = (new Lanes(Crew::of(2), new Hours(), 1_000))->schedule([
            self::task('down', new Effort(10, laid: 6_000)),
            self::task('set', new Effort(5, laid: -6_000), ['down']),
        ]);

        self::assertSame(['down'], $day->overfull);
        self::assertCount(2, $day->slots);
    }

    /** @return iterable<string, array{\Closure(): mixed, string}> */
    public static function nonsense(): iterable
    {
        yield 'over before it begins' => [static fn(): Hours => new Hours(600, 600), 'The day ends before it begins. Give a later end, or none.'];
        yield 'begins tomorrow' => [static fn(): Hours => new Hours(1440), 'A day begins between 0:00 and 23:59.'];
        yield 'a break before the day' => [static fn(): Hours => new Hours(600, null, [new Pause(590, 30)]), 'A break lies within the day'];
        yield 'breaks that run into one another' => [
            static fn(): Hours => new Hours(600, null, [new Pause(660, 60), new Pause(700, 30)]),
            'A break lies within the day',
        ];
        yield 'nobody' => [static fn(): Crew => new Crew([]), 'A day is for one to six people; that would be 0.'];
        yield 'seven' => [static fn(): Crew => Crew::of(7), 'A day is for one to six people; that would be 7.'];
        yield 'two of a name' => [static fn(): Crew => new Crew([new Hand('Bo'), new Hand('bo ')]), 'Two people are called “bo ”.'];
        yield 'goes before coming' => [static fn(): Hand => new Hand('Bo', from: 700, until: 650), 'Bo would go before coming.'];
    }

    /** @param \Closure(): mixed $make */
    #[DataProvider('nonsense')]
    public function testRefusesADayThatCannotBe(\Closure $make, string $sentence): void
    {
        $this->expectException(InvalidDay::class);
        $this->expectExceptionMessage($sentence);
        $make();
    }

    public function testTheOrderOfTheSheetIsKeptWhereItCostsNothing(): void
    {
        $tasks = array_map(static fn(int $i): DayTask => self::task("t{$i}", new Effort(10)), range(0, 11));
        $day = (new Lanes(Crew::of(3)))->schedule($tasks);
        $starts = array_map(static fn(DayTask $task): int => $day->slots[$task->key]->start, $tasks);
        $sorted = $starts;
        sort($sorted);

        self::assertSame($sorted, $starts);
    }

    /** @return list<DayTask> */
    private function sheet(int $seed): array
    {
        $home = new SeededHome($seed);

        return (new DayPlanner())->tasks((new Target($home->totes))->of($home->now, $home->intents)->moves, $home->spots, $home->totes);
    }

    /** @param list<string> $after */
    private static function task(string $key, Effort $effort, array $after = []): DayTask
    {
        return new DayTask($key, Phase::SetUp, $key, 'Parlour', [], $effort, [], [], $after, null);
    }
}
