<?php

declare(strict_types=1);

namespace App\Day;

use App\Entity\Home;
use App\Entity\Spot;
use App\Entity\Swap;
use App\Entity\Tote;
use App\Repository\HouseRepository;
use App\Workbench\SumTasks;
use BrightCupboard\Core\Day\Cautions;
use BrightCupboard\Core\Day\DayPlanner;
use BrightCupboard\Core\Day\DaySpot;
use BrightCupboard\Core\Day\DayTask;
use BrightCupboard\Core\Plan\Difference;
use BrightCupboard\Core\Plan\Plan;
use BrightCupboard\Core\Storage\StoredTote;

/** The house as a day is planned in it. */
final readonly class DayPlan
{
    public function __construct(private HouseRepository $house, private SumTasks $sums) {}

    /** @return list<DayTask> */
    public function tasks(Swap $swap, Difference $difference): array
    {
        $home = $swap->home();
        $spots = array_map(static fn(Spot $spot): DaySpot => new DaySpot($spot->measures(), $spot->room()->name(), $spot->room()->round(), $spot->focalRank()), $this->house->spots($home));

        return (new DayPlanner(cautions: new Cautions($home->lengths())))->tasks($difference, $spots, $this->totes($home), $this->sums->of($swap));
    }

    /** What a day sheet was worked out from: it is out of date when this is another. */
    public function fingerprint(Swap $swap, Plan $plan): string
    {
        return sha1($plan->fingerprint() . $this->sums->fingerprint($swap));
    }

    /** @return list<StoredTote> */
    public function totes(Home $home): array
    {
        return array_map(static fn(Tote $tote): StoredTote => $tote->stored(), $this->house->totes($home));
    }
}
