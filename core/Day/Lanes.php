<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Day;

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
        $waitsFor = $this->forerunners($tasks);
        $ready = array_map(static fn(array $after): ?int => [] === $after ? 0 : null, $waitsFor);
        while ([] !== $waiting) {
            [$soonest, $latest] = [min([\PHP_INT_MAX, ...$free]), max([0, ...$free])];
            [$best, $start] = [null, \PHP_INT_MAX];
            foreach ($waiting as $i => $task) {
                $ready[$i] ??= $this->readyAt($waitsFor[$i], $end);
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
            // Who was busy last goes on: a chain of tasks stays in one pair of hands.
            $lane = (int) array_search(max([0, ...array_filter($free, static fn(int $at): bool => $at <= $start)]), $free, true);
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
     * What each task has to wait for. A sheet that was worked out again may have lost a forerunner of a task that
     * is ticked already; nobody waits for what is not on the sheet.
     *
     * @param list<DayTask> $tasks
     *
     * @return list<list<string>> keys by the place of the task
     */
    private function forerunners(array $tasks): array
    {
        $onSheet = array_fill_keys(array_map(static fn(DayTask $task): string => $task->key, $tasks), true);

        return array_map(static fn(DayTask $task): array => array_values(array_filter($task->after, static fn(string $key): bool => isset($onSheet[$key]))), $tasks);
    }

    /**
     * The minute at which the last of its forerunners is done; null while one is not.
     *
     * @param list<string>       $after
     * @param array<string, int> $end by key of the task
     */
    private function readyAt(array $after, array $end): ?int
    {
        $ready = 0;
        foreach ($after as $key) {
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
