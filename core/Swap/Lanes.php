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
        $end = $slots = [];
        $waiting = $tasks;
        $ready = array_map(static fn(DayTask $task): ?int => [] === $task->after ? 0 : null, $tasks);
        while ([] !== $waiting) {
            [$soonest, $latest] = [min([\PHP_INT_MAX, ...$free]), max([0, ...$free])];
            [$best, $start] = [null, \PHP_INT_MAX];
            foreach ($waiting as $i => $task) {
                $ready[$i] ??= $this->readyAt($task, $end);
                $couldStart = max($ready[$i] ?? \PHP_INT_MAX, $task->hands >= 2 && $this->people >= 2 ? $latest : $soonest);
                if (null === $best || $couldStart < $start) {
                    [$best, $start] = [$i, $couldStart];
                    if ($start === $soonest) {
                        break; // nothing starts sooner, and the sheet's order decides between equals
                    }
                }
            }
            $task = $waiting[$best];
            unset($waiting[$best]);
            $lane = (int) array_search($soonest, $free, true);
            $isForBoth = 2 === min($task->hands, $this->people);
            $until = $start + $task->minutes;
            $end[$task->key] = $until;
            $slots[$task->key] = new Slot($start, $task->minutes, $isForBoth ? null : $lane);
            $free = $isForBoth ? array_fill(0, $this->people, $until) : array_replace($free, [$lane => $until]);
        }
        $work = array_sum(array_map(fn(DayTask $task): int => $task->minutes * min($task->hands, $this->people), $tasks));

        return new Schedule($slots, [] === $end ? 0 : max($end), $this->longestChain($tasks), intdiv($work + $this->people - 1, $this->people));
    }

    /**
     * The minute at which the last of its forerunners is done; null while one is not.
     *
     * @param array<string, int> $end by key of the task
     */
    private function readyAt(DayTask $task, array $end): ?int
    {
        $ready = 0;
        foreach ($task->after as $key) {
            if (!isset($end[$key])) {
                return null;
            }
            $ready = max($ready, $end[$key]);
        }

        return $ready;
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
