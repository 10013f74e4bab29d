<?php

declare(strict_types=1);

namespace App\Swaps;

use App\Entity\Swap;
use App\Repository\HouseRepository;
use App\WorkedOut\RememberedPacking;
use App\WorkedOut\WorkedOut;
use BrightCupboard\Core\Plan\Difference;
use BrightCupboard\Core\Plan\Plan;
use BrightCupboard\Core\Storage\ToteToBuy;

/** What has to be moved for the plan of a swap, into the totes of its home. */
final readonly class Differences
{
    public function __construct(private HouseRepository $house, private WorkedOut $workedOut) {}

    public function of(Swap $swap, Plan $plan): Difference
    {
        return $plan->difference($this->house->storedTotes($swap->home()), new RememberedPacking($this->workedOut, $swap->id()));
    }

    /** The totes that would take what has no room; null where everything has. */
    public function toteToBuy(Swap $swap, Difference $difference): ?ToteToBuy
    {
        [$loose, $unit] = [$difference->loose, $swap->home()->unit()];

        return $this->workedOut->get('totes to buy ' . $swap->id(), [$loose, $unit], static fn(): ?ToteToBuy => ToteToBuy::of($loose, $unit));
    }
}
