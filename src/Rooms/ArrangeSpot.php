<?php

declare(strict_types=1);

namespace App\Rooms;

use App\Entity\Person;
use App\Entity\Spot;
use App\Entity\Swap;
use App\Http\Body;
use App\Http\Conflict;
use App\Http\Fields;
use App\Http\InvalidInput;
use App\Http\SameVersion;
use App\Journal\Journal;
use App\Swaps\Plans;
use App\Swaps\SwapState;
use BrightCupboard\Core\Plan\Arranging;
use BrightCupboard\Core\Plan\PlanChange;
use BrightCupboard\Core\Plan\PlannedPlace;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Uid\Ulid;

/** Puts several pieces of a spot otherwise as one act: two swap places, one comes to stand on another. */
#[AsController]
final readonly class ArrangeSpot
{
    public function __construct(private Plans $plans, private Dressings $dressings, private Journal $journal) {}

    #[Route('/api/homes/{home}/swaps/{swap}/spots/{spot}/arrangement', methods: ['POST'])]
    public function __invoke(Swap $swap, Spot $spot, #[Body] ArrangementInput $input, #[CurrentUser] Person $by): DressingAnswer
    {
        $state = $this->plans->ofPlanned($swap, array_map(static fn(ArrangedPlace $one): string => $one->piece, $input->places));
        $places = array_map(fn(ArrangedPlace $one): PlannedPlace => $this->place($state, $spot, $one), $input->places);
        foreach ($input->off as $id) {
            $this->known($state, $spot, $id);
        }
        $fields = new Fields();
        $arranged = static fn(): PlanChange => (new Arranging($state->plan))->several($spot->measures(), $places, $input->off);
        $change = $fields->read('places', $arranged, new PlanChange());
        $fields->complete();
        $after = $this->plans->store($state, $change, $by->name());
        $says = trim($input->says);
        $this->journal->say('' === $says ? sprintf('%s is arranged anew', $spot->name()) : sprintf('%s: %s', $spot->name(), $says));

        return $this->dressings->answer($after, $spot);
    }

    private function place(SwapState $state, Spot $spot, ArrangedPlace $one): PlannedPlace
    {
        if (!isset($state->plan->stock[$one->piece])) {
            throw InvalidInput::at('places', 'One of these pieces is not in the cupboard any more.');
        }
        if (null === $one->placement) {
            return new PlannedPlace((string) new Ulid(), $one->piece, $spot->id(), $one->count, $one->stance());
        }
        $known = $this->known($state, $spot, $one->placement);
        if ($one->version !== $known->version) {
            SameVersion::check($one->version, $known->version, $state->plan->stock[$known->pieceId]->name, $this->dressings->answer($state, $spot));
        }

        return new PlannedPlace($known->id, $known->pieceId, $spot->id(), $one->count, $one->stance());
    }

    /** @throws Conflict when it was taken off meanwhile */
    private function known(SwapState $state, Spot $spot, string $id): PlannedPlace
    {
        $known = $state->plan->places[$id] ?? null;

        return $known?->spotId === $spot->id()
            ? $known
            : throw new Conflict('One of these pieces does not stand here any more. Look again at what stands here now.');
    }
}
