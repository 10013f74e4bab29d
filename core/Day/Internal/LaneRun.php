<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Day\Internal;

use BrightCupboard\Core\Day\Crew;
use BrightCupboard\Core\Day\DayTask;

/**
 * One run of list scheduling (Graham, 1969) over a sheet, in minutes of work: whenever somebody is free, the first task in
 * turn is begun whose forerunners are done, for whose things the table has room and which that person may do.
 *
 * What needs two waits until both are free. When the table is full and nothing on the sheet would clear it, the next task
 * is begun all the same. O(n · r) for n tasks of which r are ready at once.
 *
 * @internal
 */
final class LaneRun
{
    /** @var array<int, int> end by place of the task */
    public array $ends = [];
    /** @var array<int, int> start by place of the task */
    public array $starts = [];
    /** @var array<int, list<int>> */
    public array $lanes = [];
    /** @var list<int> places of tasks that lay out more than the table takes */
    public array $overfull = [];
    /** @var list<int> places of tasks that somebody would have to stay longer for */
    public array $overtime = [];
    public int $mostLaid = 0;

    /** @var array<int, int> when all that a task waits for is done, by its place; known once nothing of it is open */
    private array $readyAt = [];
    /** @var array<int, int> when each person is free, by place in the crew */
    private array $free;
    /** @var array<int, int> when each person goes */
    private array $until;
    /** @var array<int, string> the room each person was in last */
    private array $rooms;
    /** @var list<array{int, int}> when something leaves the table, and square centimetres; the earliest first */
    private array $clears = [];
    private int $laid = 0;

    /**
     * @param list<DayTask>              $tasks
     * @param list<array{int, int|null}> $there  minutes of work at which each person comes and goes; the first stays to the end
     * @param int|null                   $table  square centimetres; null when there is room for everything
     * @param int                        $target minute of work at which all should be done: what would be late by that goes before its turn
     * @param bool                       $keeps  whether nobody begins what would keep two from beginning what comes first in turn
     */
    public function __construct(
        private readonly array $tasks,
        private readonly Orders $orders,
        private readonly Crew $crew,
        array $there,
        private readonly ?int $table,
        private readonly int $target,
        private readonly bool $keeps,
    ) {
        $this->free = array_map(static fn(array $one): int => $one[0], $there);
        $this->until = array_map(static fn(array $one): int => $one[1] ?? \PHP_INT_MAX, $there);
        $this->until[0] = \PHP_INT_MAX;
        $this->rooms = array_fill(0, $crew->size(), '');
    }

    /** @param list<int> $turns turn of each task by its place on the sheet */
    public function work(array $turns): self
    {
        $waits = array_map(\count(...), $this->orders->before);
        $ready = [];
        foreach ($waits as $i => $count) {
            if (0 === $count) {
                $ready[$turns[$i]] = $i;
                $this->readyAt[$i] = 0;
            }
        }
        while ([] !== $ready) {
            ksort($ready);
            [$i, $start, $lanes] = $this->next($ready);
            unset($ready[$turns[$i]]);
            $this->begin($i, $start, $lanes);
            foreach ($this->orders->then[$i] as $next) {
                if (0 === --$waits[$next]) {
                    $ready[$turns[$next]] = $next;
                    $this->readyAt[$next] = $this->readyAt($next);
                }
            }
        }

        return $this;
    }

    public function finish(): int
    {
        return max([0, ...$this->ends]);
    }

    /**
     * The task that can begin soonest, the first in turn among equals.
     *
     * @param array<int, int> $ready places of tasks by their turn
     *
     * @return array{int, int, list<int>} its place, when it begins and who does it
     */
    private function next(array $ready): array
    {
        $best = $forced = null;
        $soonest = min([\PHP_INT_MAX, ...$this->free]);
        $kept = \PHP_INT_MAX;
        foreach ($this->inTurn($ready, $soonest) as $i) {
            // Nobody is free before the soonest: what cannot begin earlier than the best so far need not be asked who does it.
            $keepsTwo = $this->keeps && min($this->tasks[$i]->effort->hands, $this->crew->size()) > 1;
            if (null !== $best && !$keepsTwo && max($this->readyAt[$i], $soonest) >= $best[1]) {
                continue;
            }
            $lanes = $this->who($i);
            $start = max($this->readyAt[$i], $this->free[$lanes[0]], $this->free[$lanes[1] ?? $lanes[0]]);
            $forced ??= [$i, $start, $lanes];
            $start = $this->whenTableHasRoom($i, $start);
            if (null === $start || ($start < $kept && $start + $this->tasks[$i]->effort->minutes > $kept)) {
                continue;
            }
            if (null === $best || $start < $best[1]) {
                $best = [$i, $start, $lanes];
                if ($start <= $soonest) {
                    break;
                }
            }
            if ($keepsTwo) {
                $kept = min($kept, $start);
            }
        }
        /** @var array{int, int, list<int>} $forced */
        return $best ?? $forced;
    }

    /**
     * What is ready in its turn, but before that what cannot wait any longer.
     *
     * @param array<int, int> $ready places of tasks by their turn, in order
     *
     * @return list<int>
     */
    private function inTurn(array $ready, int $now): array
    {
        $urgent = $calm = [];
        foreach ($ready as $i) {
            if ($now + $this->orders->tails[$i] >= $this->target) {
                $urgent[] = $i;
            } else {
                $calm[] = $i;
            }
        }
        usort($urgent, fn(int $a, int $b): int => [$this->orders->tails[$b], $a] <=> [$this->orders->tails[$a], $b]);

        return [...$urgent, ...$calm];
    }

    /** @return list<int> who begins it soonest of those who may and stay long enough; rather somebody who is in the room */
    private function who(int $i): array
    {
        $task = $this->tasks[$i];
        $lanes = [];
        foreach ($this->crew->hands as $lane => $hand) {
            $start = max($this->free[$lane], $this->readyAt[$i]);
            $stays = $start + $task->effort->minutes <= $this->until[$lane] ? 0 : 1;
            $may = (!$task->effort->lifts || $hand->lifts) && (!$task->effort->climbs || $hand->climbs || 2 === $task->effort->hands) ? 0 : 1;
            $lanes[$lane] = [$stays, $may, $start, $this->rooms[$lane] === $task->group ? 0 : 1, -$this->free[$lane], $lane];
        }
        sort($lanes);
        $able = array_column($lanes, 5);
        if (1 === min($task->effort->hands, \count($able))) {
            return [$able[0]];
        }
        if (!$task->effort->climbs || $this->crew->hands[$able[0]]->climbs || $this->crew->hands[$able[1]]->climbs) {
            return [$able[0], $able[1]];
        }
        foreach ($able as $lane) {
            if ($this->crew->hands[$lane]->climbs) {
                return [$able[0], $lane];
            }
        }

        return [$able[0], $able[1]];
    }

    private function readyAt(int $i): int
    {
        $ready = 0;
        foreach ($this->orders->before[$i] as $before) {
            $ready = max($ready, $this->ends[$before]);
        }

        return $ready;
    }

    /** The first minute from $start on at which the table takes what the task lays out; null while nothing that is begun makes room. */
    private function whenTableHasRoom(int $i, int $start): ?int
    {
        $more = $this->tasks[$i]->effort->laid;
        if (null === $this->table || $more <= 0) {
            return $start;
        }
        $laid = $this->laid;
        foreach ($this->clears as [$at, $area]) {
            if ($at > $start && $laid + $more <= $this->table) {
                return $start;
            }
            $start = max($start, $at);
            $laid -= $area;
        }

        return $laid + $more <= $this->table ? $start : null;
    }

    /** @param list<int> $lanes */
    private function begin(int $i, int $start, array $lanes): void
    {
        $effort = $this->tasks[$i]->effort;
        $end = $start + $effort->minutes;
        if ([] !== array_filter($lanes, fn(int $lane): bool => $end > $this->until[$lane])) {
            $this->overtime[] = $i;
        }
        foreach ($lanes as $lane) {
            [$this->free[$lane], $this->rooms[$lane]] = [$end, $this->tasks[$i]->group];
        }
        [$this->starts[$i], $this->ends[$i], $this->lanes[$i]] = [$start, $end, $lanes];
        if ($effort->laid < 0) {
            $this->clears[] = [$end, -$effort->laid];
            sort($this->clears);

            return;
        }
        while ([] !== $this->clears && $this->clears[0][0] <= $start) {
            $this->laid -= array_shift($this->clears)[1];
        }
        $this->laid += $effort->laid;
        $this->mostLaid = max($this->mostLaid, $this->laid);
        if ($effort->laid > 0 && null !== $this->table && $this->laid > $this->table) {
            $this->overfull[] = $i;
        }
    }
}
