<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Day;

use BrightCupboard\Core\Day\Crew;
use BrightCupboard\Core\Day\DayTask;
use BrightCupboard\Core\Day\Effort;
use BrightCupboard\Core\Day\Hours;
use BrightCupboard\Core\Day\Lanes;
use BrightCupboard\Core\Day\Phase;
use BrightCupboard\Core\Day\Schedule;
use BrightCupboard\Core\Day\Slot;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * The day in lanes, against worked examples and what R. L. Graham proved of list scheduling ("Bounds on Multiprocessing
 * Timing Anomalies", SIAM Journal on Applied Mathematics 17, 1969): never longer than (2 − 1/m) times the best.
 */
final class LanesTest extends TestCase
{
    /** @return iterable<string, array{list<DayTask>, int, int, list<array{int, list<int>}>}> tasks, people, finish, start and lane of each; worked by hand */
    public static function days(): iterable
    {
        yield 'nothing to do' => [[], 2, 0, []];
        yield 'one after the other alone' => [[self::task('a', 3), self::task('b', 4)], 1, 7, [[0, [0]], [3, [0]]]];
        yield 'side by side' => [[self::task('a', 3), self::task('b', 4)], 2, 4, [[0, [0]], [0, [1]]]];
        yield 'the one free first takes the next' => [[self::task('a', 3), self::task('b', 4), self::task('c', 2)], 2, 5, [[0, [0]], [0, [1]], [3, [0]]]];
        yield 'a chain is as long as it is' => [
            [self::task('a', 3), self::task('b', 4, ['a']), self::task('c', 2, ['b'])],
            2,
            9,
            [[0, [0]], [3, [0]], [7, [0]]],
        ];
        yield 'what needs two waits for both' => [[self::task('a', 3), self::task('b', 4), self::task('c', 2, [], 2)], 2, 6, [[0, [0]], [0, [1]], [4, [0, 1]]]];
        yield 'alone there is nobody to wait for' => [[self::task('a', 3), self::task('c', 2, [], 2)], 1, 5, [[0, [0]], [3, [0]]]];
        yield 'what is ready is done while another waits' => [
            [self::task('a', 5), self::task('b', 1, ['a']), self::task('c', 4)],
            2,
            6,
            [[0, [0]], [5, [0]], [0, [1]]],
        ];
        // Graham's worst case for two: 1, 1, 2 in this order take 3; with the longest tail first they take 2.
        yield 'the worst that could happen to two' => [[self::task('a', 1), self::task('b', 1), self::task('c', 2)], 2, 2, [[0, [1]], [1, [1]], [0, [0]]]];
    }

    /**
     * @param list<DayTask>                $tasks
     * @param list<array{int, list<int>}> $slots
     */
    #[DataProvider('days')]
    public function testLaysADayOut(array $tasks, int $people, int $finish, array $slots): void
    {
        $schedule = (new Lanes(Crew::of($people), new Hours(0)))->schedule($tasks);

        self::assertSame($finish, $schedule->finish);
        self::assertSame(
            $slots,
            array_map(static fn(DayTask $task): array => [$schedule->slots[$task->key]->start, $schedule->slots[$task->key]->lanes], $tasks),
        );
    }

    public function testNobodyWaitsForWhatIsNotOnTheSheet(): void
    {
        $schedule = (new Lanes(Crew::of(2), new Hours(0)))->schedule([self::task('set up', 6, ['clean']), self::task('let go', 2, ['set up', 'gone'])]);

        self::assertSame([8, 0, 6], [$schedule->finish, $schedule->slots['set up']->start, $schedule->slots['let go']->start]);
    }

    public function testSeededDaysKeepTheirOrderAndTheBoundsThatWereProved(): void
    {
        for ($seed = 1; $seed <= 150; ++$seed) {
            $tasks = $this->seeded($seed);
            foreach ([1, 2] as $people) {
                $schedule = (new Lanes(Crew::of($people), new Hours(0)))->schedule($tasks);
                $this->assertKeepsOrder($tasks, $schedule, "seed {$seed}");
                $this->assertNobodyIsInTwoPlaces($tasks, $schedule, $people, "seed {$seed}");
                $least = max($schedule->longestChain, $schedule->workShared);
                self::assertGreaterThanOrEqual($least, $schedule->finish);
                if ($this->needsOneHandOnly($tasks)) {
                    self::assertLessThanOrEqual(
                        (2 - 1 / $people) * $least + ($people - 1) / $people * $schedule->longestChain,
                        $schedule->finish,
                        "seed {$seed}: longer than work shared plus the chain allows",
                    );
                }
            }
        }
    }

    /** @return list<DayTask> */
    private function seeded(int $seed): array
    {
        $random = new Randomizer(new Mt19937($seed));
        $hasPairs = 0 === $seed % 2;
        $tasks = [];
        for ($i = 0, $n = $random->getInt(1, 40); $i < $n; ++$i) {
            $after = [];
            for ($k = $i > 0 ? $random->getInt(0, 2) : 0; $k > 0; --$k) {
                $after[] = 't' . $random->getInt(0, $i - 1);
            }
            $tasks[] = self::task('t' . $i, $random->getInt(1, 30), array_values(array_unique($after)), $hasPairs && 0 === $random->getInt(0, 4) ? 2 : 1);
        }

        return $tasks;
    }

    /** @param list<DayTask> $tasks */
    private function assertKeepsOrder(array $tasks, Schedule $schedule, string $where): void
    {
        foreach ($tasks as $task) {
            foreach ($task->after as $key) {
                self::assertGreaterThanOrEqual(
                    $this->end($schedule->slots[$key]),
                    $schedule->slots[$task->key]->start,
                    "{$where}: {$task->key} begins before {$key} ends",
                );
            }
        }
    }

    /** @param list<DayTask> $tasks */
    private function assertNobodyIsInTwoPlaces(array $tasks, Schedule $schedule, int $people, string $where): void
    {
        for ($lane = 0; $lane < $people; ++$lane) {
            $mine = array_values(array_filter(
                array_map(static fn(DayTask $task): Slot => $schedule->slots[$task->key], $tasks),
                static fn(Slot $slot): bool => \in_array($lane, $slot->lanes, true),
            ));
            usort($mine, static fn(Slot $a, Slot $b): int => $a->start <=> $b->start);
            foreach ($mine as $i => $slot) {
                self::assertGreaterThanOrEqual(0 === $i ? 0 : $this->end($mine[$i - 1]), $slot->start, "{$where}: lane {$lane} overlaps");
            }
        }
    }

    /** @param list<DayTask> $tasks */
    private function needsOneHandOnly(array $tasks): bool
    {
        return [] === array_filter($tasks, static fn(DayTask $task): bool => $task->effort->hands > 1);
    }

    private function end(Slot $slot): int
    {
        return $slot->end;
    }

    /** @param list<string> $after */
    private static function task(string $key, int $minutes, array $after = [], int $hands = 1): DayTask
    {
        return new DayTask($key, Phase::SetUp, $key, 'Parlour', [], new Effort($minutes, $hands), [], [], $after, null);
    }
}
