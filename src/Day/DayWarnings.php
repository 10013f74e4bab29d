<?php

declare(strict_types=1);

namespace App\Day;

use App\Entity\Working;
use BrightCupboard\Core\Day\DayTask;
use BrightCupboard\Core\Day\Schedule;
use BrightCupboard\Core\Measure\LengthText;
use BrightCupboard\Core\Measure\TimeText;
use BrightCupboard\Core\Plan\Difference;
use BrightCupboard\Core\Plan\Plan;
use BrightCupboard\Core\Plan\PlannedMove;
use BrightCupboard\Core\Stock\Piece;
use BrightCupboard\Core\Storage\Stored;
use BrightCupboard\Core\Storage\ToteToBuy;

/** What is to be known before a day begins, in sentences. */
final readonly class DayWarnings
{
    /** @return list<string> what the plan leaves open */
    public function ofPlan(Plan $plan, Difference $difference, ?ToteToBuy $tote, LengthText $lengths): array
    {
        $open = $plan->leftOpen();
        $name = static fn(Piece $piece): string => $piece->name;
        $missing = array_map(static fn(string $id): string => $plan->stock[$id]->name, array_keys($difference->missing));

        return array_values(array_filter([
            $this->say(array_map($name, $open->undecided), 'not decided yet, left standing'),
            $this->say(array_map($name, $open->homeless), 'to come out, but without a spot: left in store'),
            $this->say($missing, 'planned, but lent, lost or too few'),
            $this->noRoom($difference->loose, $tote, $lengths),
        ], \is_string(...)));
    }

    /**
     * @param list<PlannedMove> $moves what leaves a spot after something else has come there
     *
     * @return list<string>
     */
    public function inTheWay(array $moves): array
    {
        $names = array_values(array_unique(array_map(static fn(PlannedMove $move): string => $move->piece->name, $moves)));

        return array_values(array_filter([
            $this->say($names, 'still there when its spot is dressed: see that both have room, or move it on that day'),
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
            null === $end
                ? null
                : $this->say(
                    $named($schedule->late),
                    sprintf('done after %s only: put spots on another day, begin earlier or have more people', TimeText::write($end)),
                ),
            $this->say(
                $named($schedule->unmanned),
                1 === $working->people()
                    ? 'for two people: ask somebody to come, these are not done alone'
                    : 'for people who may climb or lift, and there are not enough of them',
            ),
            $this->say($named($schedule->overfull), 'more than there is room to lay out: make room, or put spots on another day'),
        ], \is_string(...)));
    }

    /**
     * How much is over, and what tote would take it.
     *
     * @param list<Stored> $loose
     */
    private function noRoom(array $loose, ?ToteToBuy $tote, LengthText $lengths): ?string
    {
        $said = $this->say(array_map(static fn(Stored $stored): string => $stored->piece->name, $loose), 'without a tote that has room: stands beside them');
        if (null === $said || null === $tote) {
            return $said;
        }
        $inside = implode(' x ', array_map($lengths->write(...), [$tote->inside->width, $tote->inside->depth, $tote->inside->height]));

        $them = 1 === \count($loose) ? 'it' : 'them';

        return sprintf(
            '%s %s of %s inside would take %s.',
            $said,
            1 === $tote->count ? 'A tote' : $tote->count . ' totes',
            $inside,
            [] === $tote->without ? $them : 'most of them',
        );
    }

    /** @param list<string> $names */
    private function say(array $names, string $what): ?string
    {
        $some = implode(', ', \array_slice($names, 0, 3)) . (\count($names) > 3 ? sprintf(' and %d more', \count($names) - 3) : '');

        return [] === $names ? null : sprintf('%d %s: %s.', \count($names), $what, $some);
    }
}
