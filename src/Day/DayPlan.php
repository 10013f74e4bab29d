<?php

declare(strict_types=1);

namespace App\Day;

use App\Entity\Home;
use App\Entity\Spot;
use App\Entity\Tote;
use App\Repository\HouseRepository;
use BrightCupboard\Core\Day\Cautions;
use BrightCupboard\Core\Day\DayPlanner;
use BrightCupboard\Core\Day\DaySpot;
use BrightCupboard\Core\Day\DayTask;
use BrightCupboard\Core\Plan\Difference;
use BrightCupboard\Core\Storage\StoredTote;

/** The house as a day is planned in it. */
final readonly class DayPlan
{
    public function __construct(private HouseRepository $house) {}

    /** @return list<DayTask> */
    public function tasks(Home $home, Difference $difference): array
    {
        $spots = array_map(static fn(Spot $spot): DaySpot => new DaySpot($spot->measures(), $spot->room()->name(), $spot->room()->round(), $spot->focalRank()), $this->house->spots($home));

        return (new DayPlanner(cautions: new Cautions($home->lengths())))->tasks($difference, $spots, $this->totes($home));
    }

    /** @return list<StoredTote> */
    public function totes(Home $home): array
    {
        return array_map(static fn(Tote $tote): StoredTote => $tote->stored(), $this->house->totes($home));
    }
}
