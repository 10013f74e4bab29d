<?php

declare(strict_types=1);

namespace App\Day;

use App\Entity\Home;
use App\Entity\Swap;
use App\Entity\WorkDay;
use App\Floor\Floors;
use App\Floor\FloorWords;
use App\Repository\HouseRepository;
use App\Repository\PlanRepository;
use App\Workbench\SumTasks;
use BrightCupboard\Core\Day\Carriers;
use BrightCupboard\Core\Day\Cautions;
use BrightCupboard\Core\Day\DayPlanner;
use BrightCupboard\Core\Day\DaySpot;
use BrightCupboard\Core\Day\DayTask;
use BrightCupboard\Core\Day\FurnitureWork;
use BrightCupboard\Core\Day\Pace;
use BrightCupboard\Core\Day\Phase;
use BrightCupboard\Core\Day\Preparation;
use BrightCupboard\Core\Day\Tick;
use BrightCupboard\Core\Plan\Difference;
use BrightCupboard\Core\Plan\Fingerprint;
use BrightCupboard\Core\Plan\Plan;
use BrightCupboard\Core\Plan\Shift;
use BrightCupboard\Core\Plan\Shifts;
use BrightCupboard\Core\Surface\Spot as Surface;
use Doctrine\DBAL\Connection;

/** The house as a day is planned in it. */
final readonly class DayPlan
{
    public function __construct(
        private HouseRepository $house,
        private SumTasks $sums,
        private WorkDays $days,
        private Connection $db,
        private Floors $floors,
        private PlanRepository $plans,
    ) {}

    /** @return list<DayTask> */
    public function tasks(Swap $swap, ?WorkDay $day, Plan $plan, Difference $difference): array
    {
        $home = $swap->home();
        [$share, $turns] = $this->days->share($swap, $plan, $difference->moves);
        $turn = $turns[$day?->id() ?? ''];
        $dressed = $share->dressedThrough($turn, $difference->moves, $plan->start);
        $shifts = array_values(array_filter($this->shifts($swap, $plan), static fn(Shift $shift): bool => $share->turnOf($shift->spotId) === $turn));
        $shifted = [];
        foreach ($shifts as $shift) {
            $shifted[$shift->spotId][] = [$shift->piece, $shift->count];
        }
        $walk = $this->house->walk($home);
        $spots = array_map(
            static fn(Surface $spot): DaySpot => new DaySpot(
                $spot,
                $walk[$spot->id]['room'],
                $walk[$spot->id]['round'],
                $walk[$spot->id]['rank'],
                !isset($dressed[$spot->id]),
                self::hung($plan, $spot),
                $shifted[$spot->id] ?? [],
            ),
            array_values($plan->spots),
        );
        $preparations = array_values(array_filter($this->sums->of($swap), static fn(Preparation $one): bool => $share->turnOf($one->spotId) === $turn));
        $planner = new DayPlanner(cautions: new Cautions($home->lengths()), pace: $this->pace($home));

        $tasks = $planner->tasks($share->on($turn, $difference->moves), $spots, $this->house->storedTotes($home), $preparations);
        $tasks = $this->withSetting($home, $plan, $tasks, $shifts);
        $tasks = $this->days->ofFurniture($swap) === $day ? $this->withFurniture($swap, $tasks) : $tasks;

        return array_map(static fn(DayTask $task): DayTask => self::ofDay($task, $day), $tasks);
    }

    /** @return array<string, int> how high up what hangs on its wall reaches from the floor, by piece */
    private static function hung(Plan $plan, Surface $spot): array
    {
        $tops = [];
        foreach (isset($plan->spots[$spot->id]) ? $plan->dressing($spot)->hung() : [] as $one) {
            $tops[$one->piece->id] = max($tops[$one->piece->id] ?? 0, $spot->ledgeHeight->tenths() + $one->top);
        }

        return $tops;
    }

    /** @return list<Shift> what stays at its spot and is to stand otherwise */
    private function shifts(Swap $swap, Plan $plan): array
    {
        $from = $swap->from();

        return null === $from ? [] : Shifts::of($plan, $this->plans->places($from));
    }

    /**
     * @param list<DayTask> $tasks
     * @param list<Shift>   $shifts
     *
     * @return list<DayTask> what is set up with what has to be known of its spot
     */
    private function withSetting(Home $home, Plan $plan, array $tasks, array $shifts): array
    {
        [$words, $shiftWords] = [new SetUpWords($home->lengths()), new ShiftWords($home->lengths())];
        $said = array_map(static fn(string $note): array => [sprintf('“%s”', $note)], $this->house->spotNotes($home));
        foreach ($shifts as $shift) {
            $said[$shift->spotId][] = $shiftWords->of($shift);
        }

        return array_map(static fn(DayTask $task): DayTask => Phase::SetUp === $task->phase && isset($plan->spots[$task->spot ?? ''])
            ? $task->withSteps([...$said[$task->spot] ?? [], ...$words->of($plan->dressing($plan->spots[$task->spot]))])
            : $task, $tasks);
    }

    /**
     * @param list<DayTask> $tasks
     *
     * @return list<DayTask>
     */
    private function withFurniture(Swap $swap, array $tasks): array
    {
        $words = new FloorWords($swap->home()->lengths());
        foreach ($this->floors->rearranged($swap) as $id => [$room, $rearrangement]) {
            $tasks = FurnitureWork::into(
                $tasks,
                $id,
                $room->name(),
                $rearrangement,
                array_map(static fn(array $move): string => $words->step(...$move), $rearrangement->moves),
            );
        }

        return $tasks;
    }

    /** What a day sheet was worked out from: it is out of date when this is another. */
    public function fingerprint(Swap $swap, Plan $plan): string
    {
        $beside = $this->days->beside($swap);
        $held = $this->days->waits($swap);
        $waits = $held->fingerprint();
        $spots = array_map(
            static fn(WorkDay $day): array => [
                $day->id(),
                $day->spots(),
                ...($day->movesFurniture() ? ['furniture'] : []),
                ...$day->working()->ownPieces(),
                ...('' === $waits ? [] : [$day->date()->format('Y-m-d')]),
            ],
            $beside,
        );

        $own = implode(' ', $swap->working()->ownPieces());

        // What begins from an open swap is out of date when that one will leave things elsewhere.
        $from = null === $swap->follows() ? '' : json_encode($plan->start->units, \JSON_THROW_ON_ERROR);

        $ties = WorkDays::areShared($swap, $beside, $held) ? json_encode(Carriers::ties($plan), \JSON_THROW_ON_ERROR) : '';

        $words = new ShiftWords($swap->home()->lengths());
        $shifts = implode("\n", array_map($words->of(...), $this->shifts($swap, $plan)));

        $days = [] === $spots ? '' : json_encode($spots, \JSON_THROW_ON_ERROR);

        return sha1(implode('', [
            Fingerprint::of($plan), $shifts, implode("\n", $this->house->spotNotes($swap->home())), $this->sums->fingerprint($swap),
            $this->floors->fingerprint($swap), $from, $waits, $own, $ties, $days,
        ]));
    }

    /** How fast the home was, by all tasks of which it is known what they took. */
    public function pace(Home $home): Pace
    {
        $ticks = $phases = [];
        $rows = $this->db->iterateAssociative(
            "SELECT t.id, t.swap_id || COALESCE(t.day_id, '') AS day, t.phase, CASE WHEN t.by_rule > 0 THEN t.by_rule ELSE t.minutes END AS "
                . "rule, t.minutes, t.took, t.done_by, t.done_at FROM sheet_task t JOIN swap s ON s.id = t.swap_id WHERE s.home_id = ? "
                . "AND t.done_at IS NOT NULL",
            [$home->id()],
        );
        /** @var array{id: string, day: string, phase: string, rule: int, minutes: int, took: int|null, done_by: string, done_at: string} $row */
        foreach ($rows as $row) {
            $ticks[$row['day']][$row['id']] = new Tick(
                $row['done_by'],
                (new \DateTimeImmutable($row['done_at']))->getTimestamp(),
                $row['minutes'],
                $row['took'],
            );
            $phases[$row['id']] = [Phase::from($row['phase']), $row['rule']];
        }
        $taken = [];
        foreach ($ticks as $ofDay) {
            foreach (array_filter(Tick::took($ofDay), \is_int(...)) as $id => $took) {
                $taken[] = [...$phases[$id], $took];
            }
        }

        return new Pace($taken);
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
