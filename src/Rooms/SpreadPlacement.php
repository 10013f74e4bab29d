<?php

declare(strict_types=1);

namespace App\Rooms;

use App\Entity\Person;
use App\Entity\Placement;
use App\Entity\Swap;
use App\Http\InvalidInput;
use App\Journal\Journal;
use App\Swaps\Plans;
use BrightCupboard\Core\Plan\Redressing;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Uid\Ulid;

/** Spreads units that stand together over the whole spot, with even gaps. */
#[AsController]
final readonly class SpreadPlacement
{
    public function __construct(private Plans $plans, private Dressings $dressings, private Journal $journal) {}

    #[Route('/api/homes/{home}/swaps/{swap}/placements/{placement}/spread', methods: ['POST'])]
    public function __invoke(Swap $swap, Placement $placement, #[CurrentUser] Person $by): DressingAnswer
    {
        $spot = $placement->spot();
        if ($placement->count() < 2) {
            throw InvalidInput::at('count', sprintf('A single %s has nothing to be spread from.', $placement->piece()->name()));
        }
        $state = $this->plans->ofPlanned($swap);
        $this->journal->say(sprintf('%d of %s are spread along %s', $placement->count(), $placement->piece()->name(), $spot->name()));
        $change = (new Redressing($state->plan))->spread($placement->id(), $spot->measures(), static fn(): string => (string) new Ulid());

        return $this->dressings->answer($this->plans->store($state, $change, $by->name()), $spot);
    }
}
