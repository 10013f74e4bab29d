<?php

declare(strict_types=1);

namespace App\Day;

use App\Entity\Working;
use BrightCupboard\Core\Day\DayTask;
use BrightCupboard\Core\Day\Schedule;
use BrightCupboard\Core\Measure\TimeText;
use BrightCupboard\Core\Plan\Difference;
use BrightCupboard\Core\Plan\Plan;
use BrightCupboard\Core\Stock\Piece;

/** What is to be known before a day begins, in sentences. */
final readonly class DayWarnings
{
    /** @return list<string> what the plan leaves open */
    public function ofPlan(Plan $plan, Difference $difference): array
    {
        $open = $plan->leftOpen();
        $name = static fn(Piece $piece): string => $piece->name;
        $missing = array_map(static fn(string $id): string => $plan->stock[$id]->name, array_keys($difference->missing));

        return array_values(array_filter([
            $this->say(array_map($name, $open->undecided), 'not decided yet, left standing'),
            $this->say(array_map($name, $open->homeless), 'to come out, but without a spot: left in store'),
            $this->say($missing, 'planned, but lent, lost or too few'),
            $this->say($difference->loose, 'without a tote that has room: stands beside them'),
        ], \is_string(...)));
    }

    /**
     * What does not go as it stands: too late, nobody for it, no room on the table.
     *
     * @param list<DayTask> $tasks
     *
     * @return list<string>
     */
    public function ofSchedule(Schedule $schedule, array $tasks, Working $working): array
    {
        $titles = [];
        foreach ($tasks as $task) {
            $titles[$task->key] = $task->title;
        }
        $named = static fn(array $keys): array => array_values(array_unique(array_map(static fn(string $key): string => $titles[$key] ?? '', $keys)));
        $end = $working->hours()->latestEnd;

        return array_values(array_filter([
            null === $end ? null : $this->say($named($schedule->late), sprintf('done after %s only: put spots on another day, begin earlier or have more people', TimeText::write($end))),
            $this->say($named($schedule->unmanned), 1 === $working->people() ? 'for two people: ask somebody to come, these are not done alone' : 'for people who may climb or lift, and there are not enough of them'),
            $this->say($named($schedule->overfull), 'more than there is room to lay out: make room, or put spots on another day'),
        ], \is_string(...)));
    }

    /** @param list<string> $names */
    private function say(array $names, string $what): ?string
    {
        $some = implode(', ', \array_slice($names, 0, 3)) . (\count($names) > 3 ? sprintf(' and %d more', \count($names) - 3) : '');

        return [] === $names ? null : sprintf('%d %s: %s.', \count($names), $what, $some);
    }
}
