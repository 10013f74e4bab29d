<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Day;

use BrightCupboard\Core\Day\Internal\LaneRun;
use BrightCupboard\Core\Day\Internal\Orders;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Gives each task a start and the people who do it.
 *
 * The order of the sheet (phase by phase, room by room) is kept, but what would make the day longer by waiting for its
 * turn goes before it. Should that still be longer than it need be, the shortest of several is taken: later and later
 * a target, the longest tail first, and orders between. Beside the finish stand the two
 * lower bounds no day can beat: the longest chain, and the work shared among all. The same sheet always gives the same day.
 */
final readonly class Lanes
{
    /** So much longer than the lower bound a day may be before another order is looked for. */
    private const NEARLY = 1.03;
    /** Targets of the sheet's order, as parts of the lower bound. */
    private const TARGETS = [1.03, 1.0, 0.95];
    /** Orders tried; fewer, the more pairs of tasks there are, so that a long day is not waited for. */
    private const MOST_RUNS = 70;
    private const LEAST_RUNS = 4;
    private const PAIRS = 600_000;

    /** @param int|null $table square centimetres that can be laid out at once; null when there is room for everything */
    public function __construct(private Crew $crew, private Hours $hours = new Hours(), private ?int $table = null) {}

    /** @param list<DayTask> $tasks in sheet order, each after those it needs */
    public function schedule(array $tasks): Schedule
    {
        $orders = new Orders($tasks);
        $people = $this->crew->size();
        $shared = $this->shared($tasks);
        $run = $this->best($tasks, $orders, max($orders->longestChain(), $shared));
        $slots = $late = $unmanned = [];
        foreach ($tasks as $i => $task) {
            $slots[$task->key] = $slot = new Slot($this->hours->beginsAt($run->starts[$i]), $this->hours->endsAt($run->ends[$i]), $run->lanes[$i]);
            if (null !== $this->hours->latestEnd && $slot->end > $this->hours->latestEnd) {
                $late[] = $task->key;
            }
            if (!$this->crew->canDo($task->effort) || \in_array($i, $run->overtime, true)) {
                $unmanned[] = $task->key;
            }
        }
        $overfull = array_map(static fn(int $i): string => $tasks[$i]->key, $run->overfull);

        return new Schedule(
            $slots,
            $run->finish(),
            $this->hours->endsAt($run->finish()),
            $orders->longestChain(),
            $shared,
            $late,
            $unmanned,
            $run->mostLaid,
            $overfull,
        );
    }

    /**
     * The work shared among all; where people are odd in number, what needs two also leaves one over.
     *
     * @param list<DayTask> $tasks
     */
    private function shared(array $tasks): int
    {
        $people = $this->crew->size();
        $work = $forTwo = 0;
        foreach ($tasks as $task) {
            $hands = min($task->effort->hands, $people);
            $work += $task->effort->minutes * $hands;
            $forTwo += 2 === $hands ? $task->effort->minutes : 0;
        }

        return max((int) ceil($work / $people), (int) ceil($forTwo / max(1, intdiv($people, 2))));
    }

    /** @param list<DayTask> $tasks */
    private function best(array $tasks, Orders $orders, int $bound): LaneRun
    {
        $isGood = static fn(?LaneRun $run): bool => null !== $run && $run->finish() <= self::NEARLY * $bound && [] === $run->overfull && [] === $run->overtime;
        $best = null;
        $runs = max(self::LEAST_RUNS, min(self::MOST_RUNS, intdiv(self::PAIRS, max(1, \count($tasks) ** 2))));
        foreach ($this->orders($orders, $bound, \count($tasks)) as [$turns, $target, $keeps]) {
            if (0 === $runs-- || $isGood($best)) {
                break;
            }
            $best = $this->shorter($best, $this->run($tasks, $orders, $turns, $target, $keeps));
        }

        return $best ?? throw new \LogicException('Some order was tried.');
    }

    /** @return iterable<array{list<int>, int, bool}> turns, target and whether two are waited for, the most promising first */
    private function orders(Orders $orders, int $bound, int $seed): iterable
    {
        foreach ([false, true] as $keeps) {
            foreach (self::TARGETS as $part) {
                yield [$orders->bySheet(), (int) ceil($part * $bound), $keeps];
            }
        }
        foreach ([$orders->byTwo(), $orders->byTail()] as $turns) {
            yield [$turns, \PHP_INT_MAX, false];
            yield [$turns, \PHP_INT_MAX, true];
        }
        $random = new Randomizer(new Mt19937($seed));
        for ($keeps = true;; $keeps = !$keeps) {
            yield [$orders->byChance($random), \PHP_INT_MAX, $keeps];
        }
    }

    private function shorter(?LaneRun $one, LaneRun $other): LaneRun
    {
        $cost = static fn(LaneRun $run): array => [\count($run->overtime), \count($run->overfull), $run->finish()];

        return null === $one || $cost($other) < $cost($one) ? $other : $one;
    }

    /**
     * @param list<DayTask> $tasks
     * @param list<int>     $turns
     */
    private function run(array $tasks, Orders $orders, array $turns, int $target, bool $keeps): LaneRun
    {
        $there = array_map(
            fn(Hand $hand): array => [
                null === $hand->from ? 0 : $this->hours->workedBy($hand->from),
                null === $hand->until ? null : $this->hours->workedBy($hand->until),
            ],
            $this->crew->hands,
        );

        return (new LaneRun($tasks, $orders, $this->crew, $there, $this->table, $target, $keeps))->work($turns);
    }
}
