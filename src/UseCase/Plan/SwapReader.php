<?php

declare(strict_types=1);

namespace App\UseCase\Plan;

use App\Entity\Swap;
use App\Repository\Catalogue;
use App\Repository\HistoryRepository;
use App\Repository\PlanRepository;
use App\Repository\StandingRepository;

final readonly class SwapReader
{
    public function __construct(private Catalogue $catalogue, private StandingRepository $standing, private PlanRepository $plan, private HistoryRepository $history) {}

    public function __invoke(Swap $swap): SwapState
    {
        $home = $swap->home();

        return new SwapState($swap, $this->catalogue->of($home), $this->standing->whereabouts($home), $this->plan->decisions($swap), $this->plan->placed($swap), $this->history->of($home, $swap->season()), $this->history->closedSwaps($home), $this->standing->outOfHand($home));
    }
}
