<?php

declare(strict_types=1);

namespace App\Rooms;

use App\Entity\Person;
use App\Entity\Placement;
use App\Entity\Swap;
use App\Journal\Journal;
use App\Swaps\Plans;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** Takes a piece off the plan of a spot. */
#[AsController]
final readonly class TakeOff
{
    public function __construct(private Plans $plans, private Dressings $dressings, private Journal $journal) {}

    #[Route('/api/homes/{home}/swaps/{swap}/placements/{placement}', methods: ['DELETE'])]
    public function __invoke(Swap $swap, Placement $placement, #[CurrentUser] Person $by): DressingAnswer
    {
        $state = $this->plans->ofPlanned($swap);
        $spot = $placement->spot();
        $this->journal->say(sprintf('%s is off %s', $placement->piece()->name(), $spot->name()));

        return $this->dressings->answer($this->plans->store($state, $state->plan->takeOff($placement->id()), $by->name()), $spot);
    }
}
