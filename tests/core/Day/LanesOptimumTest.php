<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Day;

use BrightCupboard\Core\Day\Crew;
use BrightCupboard\Core\Day\DayTask;
use BrightCupboard\Core\Day\Effort;
use BrightCupboard\Core\Day\Lanes;
use BrightCupboard\Core\Day\Phase;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Small days of two people against the best there is, found by starting the tasks in every order that is allowed. No list schedule
 * is longer than 1.5 times the best for two (R. L. Graham, SIAM Journal on Applied Mathematics 17, 1969).
 */
final class LanesOptimumTest extends TestCase
{
    private const DAYS = 60;

    public function testADayIsNearTheBestAndNeverPastWhatWasProved(): void
    {
        $ratios = [];
        for ($seed = 1; $seed <= self::DAYS; ++$seed) {
            $tasks = $this->tasks($seed);
            $best = self::best(array_column(array_map(static fn(DayTask $task): array => [$task->key, $task], $tasks), 1, 0), [0, 0], []);
            $finish = (new Lanes(Crew::of(2)))->schedule($tasks)->worked;

            self::assertGreaterThanOrEqual($best, $finish, "seed {$seed}: faster than the best is too fast");
            self::assertLessThanOrEqual(1.5 * $best, $finish, "seed {$seed}");
            $ratios[] = $finish / $best;
        }
        self::assertLessThanOrEqual(1.10, array_sum($ratios) / self::DAYS, 'on average a tenth over the best at most');
        self::assertGreaterThan(1.0, max($ratios), 'the best is not always met: the search finds something');
    }

    /** @return list<DayTask> five to seven of them, some waiting for others */
    private function tasks(int $seed): array
    {
        $random = new Randomizer(new Mt19937($seed));
        $tasks = [];
        for ($i = 0, $n = $random->getInt(5, 7); $i < $n; ++$i) {
            $after = $i > 1 && 0 === $random->getInt(0, 2) ? ['t' . $random->getInt(0, $i - 1)] : [];
            $tasks[] = new DayTask("t{$i}", Phase::SetUp, "t{$i}", 'Parlour', [], new Effort($random->getInt(2, 20)), [], [], $after, null);
        }

        return $tasks;
    }

    /**
     * @param array<string, DayTask> $open
     * @param array{int, int}        $free when each person is
     * @param array<string, int>     $end  of the tasks done so far
     * @param int                    $best known; what is no better is not followed
     */
    private static function best(array $open, array $free, array $end, int $best = \PHP_INT_MAX): int
    {
        if ([] === $open || max($free) >= $best) {
            return min($best, max($free));
        }
        foreach ($open as $key => $task) {
            if ([] !== array_diff($task->after, array_keys($end))) {
                continue;
            }
            $ready = max([0, ...array_map(static fn(string $before): int => $end[$before], $task->after)]);
            foreach (array_unique($free) as $person => $from) {
                $until = max($ready, $from) + $task->effort->minutes;
                $best = self::best(
                    array_diff_key($open, [$key => true]),
                    0 === $person ? [$until, $free[1]] : [$free[0], $until],
                    [$key => $until] + $end,
                    $best,
                );
            }
        }

        return $best;
    }
}
