<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Swap;

/**
 * Gives each task a start and a person.
 *
 * List scheduling (Graham, 1969): whenever someone is free, the first task of the sheet whose forerunners
 * are done is started; what needs two waits for both. O(n²) for n tasks. Beside the finish stand the two
 * lower bounds no schedule can beat: the longest chain, and the work divided by the people.
 */
final readonly class Lanes
{
    public function __construct(private int $people)
    {
        if ($people < 1 || $people > 2) {
            throw new \LogicException(sprintf('A day sheet is for 1 or 2 people, got %d.', $people));
        }
    }

    /** @param list<DayTask> $tasks in sheet order, each after those it needs */
    public function schedule(array $tasks): Schedule
    {
        $free = array_fill(0, $this->people, 0);
        $end = [];
        $slots = [];
        $waiting = $tasks;
        while ([] !== $waiting) {
            $best = null;
            foreach ($waiting as $i => $task) {
                $ready = max([0, ...array_map(static fn(string $key): int => $end[$key] ?? \PHP_INT_MAX, $task->after)]);
                $start = max($ready, 2 === min($task->hands, $this->people) ? max([0, ...$free]) : $this->soonest($free));
                if (null === $best || $start < $best[1]) {
                    $best = [$i, $start];
                }
            }
            [$i, $start] = $best;
            $task = $waiting[$i];
            unset($waiting[$i]);
            $lane = (int) array_search($this->soonest($free), $free, true);
            $isForBoth = 2 === min($task->hands, $this->people);
            $until = $start + $task->minutes;
            $end[$task->key] = $until;
            $slots[$task->key] = new Slot($start, $task->minutes, $isForBoth ? null : $lane);
            $free = $isForBoth ? array_fill(0, $this->people, $until) : array_replace($free, [$lane => $until]);
        }
        $work = array_sum(array_map(fn(DayTask $task): int => $task->minutes * min($task->hands, $this->people), $tasks));

        return new Schedule($slots, [] === $end ? 0 : max($end), $this->longestChain($tasks), intdiv($work + $this->people - 1, $this->people));
    }

    /** @param array<int, int> $free minute at which each lane is free */
    private function soonest(array $free): int
    {
        sort($free);

        return $free[0] ?? 0;
    }

    /** @param list<DayTask> $tasks */
    private function longestChain(array $tasks): int
    {
        $until = [];
        foreach ($tasks as $task) {
            $until[$task->key] = $task->minutes + max([0, ...array_map(static fn(string $key): int => $until[$key] ?? 0, $task->after)]);
        }

        return [] === $until ? 0 : max($until);
    }
}
