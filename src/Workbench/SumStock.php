<?php

declare(strict_types=1);

namespace App\Workbench;

use App\Entity\Home;
use App\Entity\Spot;
use App\Entity\Swap;
use App\Repository\HouseRepository;
use App\Swaps\Plans;
use BrightCupboard\Core\Plan\FreeForSum;
use BrightCupboard\Core\Sizing\Owned;
use BrightCupboard\Core\Sizing\Sums;

/** What the cupboard has to give to a sum: only pieces of the kinds that the sum asks for are read, so that an answer comes while somebody types. */
final readonly class SumStock
{
    public function __construct(private Plans $plans, private HouseRepository $house) {}

    /** What serves the season and is free in the plan of a swap; without a swap all that is at home. */
    public function of(Home $home, Sums $sum, ?Swap $swap, ?Spot $spot): Owned
    {
        $kinds = $sum->kinds();
        if ([] === $kinds) {
            return new Owned();
        }
        $plan = null === $swap ? $this->plans->ofNothing($home, $kinds) : $this->plans->ofKinds($swap, $kinds)->plan;

        return (new FreeForSum($plan, $this->house->storedTotes($home)))->of($sum, $swap?->season(), $spot?->id());
    }
}
