<?php

declare(strict_types=1);

namespace App\Day;

use App\Entity\Home;
use App\Entity\Swap;
use App\Floor\PlannedFloors;
use App\Repository\HouseRepository;
use App\Repository\PlanRepository;
use App\Swaps\Differences;
use App\Swaps\Plans;
use App\Workbench\KeptSums;
use BrightCupboard\Core\Day\Pace;
use BrightCupboard\Core\Day\Phase;
use BrightCupboard\Core\Day\Tick;
use BrightCupboard\Core\Plan\Difference;
use BrightCupboard\Core\Plan\Plan;
use BrightCupboard\Core\Plan\Shift;
use BrightCupboard\Core\Plan\Shifts;
use Doctrine\DBAL\Connection;

/** Reads what day sheets are worked out from. */
final readonly class SheetBases
{
    public function __construct(
        private Plans $plans,
        private Differences $differences,
        private PlanRepository $places,
        private WorkDays $days,
        private HouseRepository $house,
        private KeptSums $sums,
        private PlannedFloors $floors,
        private Connection $db,
    ) {}

    public function of(Swap $swap): SheetBasis
    {
        $plan = $this->plans->of($swap)->plan;

        return $this->with($swap, $plan, $this->differences->of($swap, $plan));
    }

    /** The same where the plan is at hand. */
    public function with(Swap $swap, Plan $plan, Difference $difference): SheetBasis
    {
        return new SheetBasis(
            $swap,
            $plan,
            $difference,
            $this->days->of($swap),
            $this->shifts($swap, $plan),
            $this->house->walk($swap->home()),
            $this->sums->ofSwap($swap),
            $this->floors->of($swap),
            $this->pace($swap->home()),
        );
    }

    /** @return list<Shift> */
    private function shifts(Swap $swap, Plan $plan): array
    {
        $from = $swap->from();

        return null === $from ? [] : Shifts::of($plan, $this->places->places($from));
    }

    /** How fast the home was, by all tasks of which it is known what they took. */
    private function pace(Home $home): Pace
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
}
