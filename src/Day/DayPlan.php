<?php

declare(strict_types=1);

namespace App\Day;

use App\Entity\WorkDay;
use App\Floor\FloorWords;
use App\Workbench\SumTasks;
use BrightCupboard\Core\Coach\Dressing;
use BrightCupboard\Core\Day\Cautions;
use BrightCupboard\Core\Day\DayPlanner;
use BrightCupboard\Core\Day\DaySpot;
use BrightCupboard\Core\Day\DayTask;
use BrightCupboard\Core\Day\FurnitureWork;
use BrightCupboard\Core\Day\Phase;
use BrightCupboard\Core\Day\Preparation;
use BrightCupboard\Core\Plan\Shift;
use BrightCupboard\Core\Surface\Spot as Surface;

/** The house as a day is planned in it. */
final readonly class DayPlan
{
    public function __construct(private SumTasks $sums) {}

    /** @return list<DayTask> */
    public function tasks(SheetBasis $basis, ?WorkDay $day): array
    {
        [$plan, $share, $moves, $turn] = [$basis->plan, $basis->share, $basis->difference->moves, $basis->turnOf($day)];
        $dressed = $share->dressedThrough($turn, $moves, $plan->start);
        $shifts = array_values(array_filter($basis->shifts, static fn(Shift $shift): bool => $share->turnOf($shift->spotId) === $turn));
        $shifted = [];
        foreach ($shifts as $shift) {
            $shifted[$shift->spotId][] = [$shift->piece, $shift->count];
        }
        $walk = $basis->walk;
        $spots = array_map(
            static fn(Surface $spot): DaySpot => new DaySpot(
                $spot,
                $walk[$spot->id]->room,
                $walk[$spot->id]->round,
                $walk[$spot->id]->rank,
                !isset($dressed[$spot->id]),
                self::hung($basis->dressed[$spot->id]),
                $shifted[$spot->id] ?? [],
            ),
            array_values($plan->spots),
        );
        $preparations = array_filter(
            $this->sums->of($basis->swap, $plan, $basis->sums, $basis->difference->totes),
            static fn(Preparation $one): bool => $share->turnOf($one->spotId) === $turn,
        );
        $planner = new DayPlanner(cautions: new Cautions($basis->swap->home()->lengths()), pace: $basis->pace);

        $tasks = $planner->tasks($share->on($turn, $moves), $spots, $basis->difference->totes, array_values($preparations));
        $tasks = $this->withSetting($basis, $tasks, $shifts);
        $tasks = $basis->days->ofFurniture() === $day ? $this->withFurniture($basis, $tasks) : $tasks;

        return array_map(static fn(DayTask $task): DayTask => self::ofDay($task, $day), $tasks);
    }

    /** @return array<string, int> how high up what hangs on its wall reaches from the floor, by piece */
    private static function hung(Dressing $dressing): array
    {
        $tops = [];
        foreach ($dressing->hung() as $one) {
            $tops[$one->piece->id] = max($tops[$one->piece->id] ?? 0, $dressing->spot->ledgeHeight->tenths() + $one->top);
        }

        return $tops;
    }

    /**
     * @param list<DayTask> $tasks
     * @param list<Shift>   $shifts
     *
     * @return list<DayTask> what is set up with what has to be known of its spot
     */
    private function withSetting(SheetBasis $basis, array $tasks, array $shifts): array
    {
        [$dressed, $lengths] = [$basis->dressed, $basis->swap->home()->lengths()];
        [$words, $shiftWords] = [new SetUpWords($lengths), new ShiftWords($lengths)];
        $said = array_map(static fn(string $note): array => [sprintf('“%s”', $note)], $basis->notes());
        foreach ($shifts as $shift) {
            $said[$shift->spotId][] = $shiftWords->of($shift);
        }

        return array_map(static fn(DayTask $task): DayTask => Phase::SetUp === $task->phase && isset($dressed[$task->spot ?? ''])
            ? $task->withSteps([...$said[$task->spot] ?? [], ...$words->of($dressed[$task->spot])])
            : $task, $tasks);
    }

    /**
     * @param list<DayTask> $tasks
     *
     * @return list<DayTask>
     */
    private function withFurniture(SheetBasis $basis, array $tasks): array
    {
        $words = new FloorWords($basis->swap->home()->lengths());
        foreach ($basis->floors as $floor) {
            $rearrangement = $floor->rearrangement();
            $steps = array_map(static fn(array $move): string => $words->step(...$move), $rearrangement->moves);
            $tasks = [] === $steps ? $tasks : FurnitureWork::into($tasks, $floor->roomId, $floor->room, $rearrangement, $steps);
        }

        return $tasks;
    }

    /** Tasks of two days of a swap are called otherwise, since the same tote may be opened on both. */
    private static function ofDay(DayTask $task, ?WorkDay $day): DayTask
    {
        if (null === $day) {
            return $task;
        }
        $names = [];
        foreach ([$task->key, ...$task->after] as $key) {
            $names[$key] = $key . '@' . $day->id();
        }

        return $task->called($names);
    }
}
