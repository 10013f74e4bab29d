<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Day\Internal;

use BrightCupboard\Core\Day\DayTask;
use Random\Randomizer;

/**
 * What waits for what on a sheet, and the orders in which a day may be worked: as the sheet has it, or whatever has most
 * to come after it first.
 *
 * A sheet that was worked out again may have lost a forerunner of a task that is ticked already; nobody waits for what
 * is not on the sheet.
 *
 * @internal
 */
final readonly class Orders
{
    /** @var list<list<int>> places on the sheet of the tasks that come first, by place of the task */
    public array $before;
    /** @var list<list<int>> the same the other way round */
    public array $then;
    /** @var list<int> minutes from the start of a task to the end of the longest chain that begins with it */
    public array $tails;
    /** @var list<bool> whether it needs two or comes before something that does */
    private array $leadsToTwo;

    /** @param list<DayTask> $tasks each after those it needs */
    public function __construct(array $tasks)
    {
        $places = array_flip(array_map(static fn(DayTask $task): string => $task->key, $tasks));
        $before = $then = $tails = $leadsToTwo = array_fill(0, \count($tasks), []);
        foreach ($tasks as $i => $task) {
            foreach ($task->after as $key) {
                if (isset($places[$key])) {
                    $before[$i][] = $places[$key];
                    $then[$places[$key]][] = $i;
                }
            }
        }
        for ($i = \count($tasks) - 1; $i >= 0; --$i) {
            $tails[$i] = $tasks[$i]->effort->minutes + max([0, ...array_map(static fn(int $next): int => (int) $tails[$next], $then[$i])]);
        }
        for ($i = \count($tasks) - 1; $i >= 0; --$i) {
            $leadsToTwo[$i] = $tasks[$i]->effort->hands > 1 || [] !== array_filter($then[$i], static fn(int $next): bool => true === $leadsToTwo[$next]);
        }
        /** @var list<int> $tails */
        /** @var list<bool> $leadsToTwo */
        [$this->before, $this->then, $this->tails, $this->leadsToTwo] = [$before, $then, $tails, $leadsToTwo];
    }

    public function longestChain(): int
    {
        return max([0, ...$this->tails]);
    }

    /** @return list<int> turn of each task by its place on the sheet */
    public function bySheet(): array
    {
        return array_keys($this->tails);
    }

    /** @return list<int> the longest tail first */
    public function byTail(): array
    {
        return $this->turns(fn(int $a, int $b): int => [$this->tails[$b], $a] <=> [$this->tails[$a], $b]);
    }

    /** @return list<int> what needs two, and what that waits for, first: for days on which somebody goes early */
    public function byTwo(): array
    {
        return $this->turns(fn(int $a, int $b): int => [$this->leadsToTwo[$b], $a] <=> [$this->leadsToTwo[$a], $b]);
    }

    /** @return list<int> the longest tail first, with tails made longer or shorter by chance */
    public function byChance(Randomizer $random): array
    {
        $tails = array_map(static fn(int $tail): int => $tail * $random->getInt(60, 140), $this->tails);

        return $this->turns(static fn(int $a, int $b): int => [$tails[$b], $a] <=> [$tails[$a], $b]);
    }

    /**
     * @param \Closure(int, int): int $comesFirst
     *
     * @return list<int>
     */
    private function turns(\Closure $comesFirst): array
    {
        $places = array_keys($this->tails);
        usort($places, $comesFirst);
        $turns = array_flip($places);
        ksort($turns);

        return array_values($turns);
    }
}
