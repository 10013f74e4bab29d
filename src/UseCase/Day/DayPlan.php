<?php

declare(strict_types=1);

namespace App\UseCase\Day;

use App\Entity\Spot;
use App\Entity\Swap;
use App\Entity\Tote;
use App\Repository\DecisionRow;
use App\Repository\HouseRepository;
use App\UseCase\Plan\SwapReader;
use App\UseCase\Plan\SwapState;
use BrightCupboard\Core\Swap\DayPlanner;
use BrightCupboard\Core\Swap\DaySpot;
use BrightCupboard\Core\Swap\DayTask;
use BrightCupboard\Core\Swap\Intent;
use BrightCupboard\Core\Swap\Plan;
use BrightCupboard\Core\Swap\StoredTote;
use BrightCupboard\Core\Swap\Target;

/** The plan of a swap as it stands now: what is where, what should be where, and the tasks between. */
final readonly class DayPlan
{
    public function __construct(private SwapReader $read, private HouseRepository $house) {}

    public function plan(SwapState $state): Plan
    {
        $intents = [];
        foreach ($state->catalogue as $id => $entry) {
            $intents[] = new Intent($entry->piece, $state->choice($id), $state->placed[$id] ?? [], $entry->ownTote);
        }

        return (new Target($this->totes($state->swap)))->of($state->now, $intents);
    }

    public function state(Swap $swap): SwapState
    {
        return ($this->read)($swap);
    }

    /** @return list<DayTask> */
    public function tasks(Swap $swap, Plan $plan): array
    {
        $spots = array_map(static fn(Spot $spot): DaySpot => new DaySpot($spot->measures(), $spot->room()->name(), $spot->room()->round(), $spot->focalRank()), $this->house->spots($swap->home()));

        return (new DayPlanner())->tasks($plan, $spots, $this->totes($swap));
    }

    /** Changes whenever a decision or a place in the plan changes. */
    public function fingerprint(SwapState $state): string
    {
        $choices = array_filter(array_map(static fn(DecisionRow $decision): ?string => $decision->choice?->value, $state->decisions));
        ksort($choices);

        return sha1(json_encode([$choices, $state->placed], \JSON_THROW_ON_ERROR));
    }

    /** @return list<StoredTote> */
    private function totes(Swap $swap): array
    {
        return array_map(static fn(Tote $tote): StoredTote => $tote->stored(), $this->house->totes($swap->home()));
    }
}
