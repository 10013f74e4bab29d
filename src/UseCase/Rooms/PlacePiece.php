<?php

declare(strict_types=1);

namespace App\UseCase\Rooms;

use App\Entity\Decision;
use App\Entity\Person;
use App\Entity\Piece;
use App\Entity\Placement;
use App\Entity\Spot;
use App\Entity\Swap;
use App\Http\InvalidInput;
use App\Input\PlacementInput;
use App\Repository\HouseRepository;
use App\UseCase\Plan\FindPlace;
use App\UseCase\Plan\OpenSwap;
use App\UseCase\Plan\SwapReader;
use App\UseCase\SameVersion;
use App\View\Rooms\DressingView;
use BrightCupboard\Core\Coach\Layer;
use BrightCupboard\Core\Swap\Choice;
use Doctrine\ORM\EntityManagerInterface;

/** Stands units of a piece on a spot of the plan, or changes how they stand. */
final readonly class PlacePiece
{
    public function __construct(private EntityManagerInterface $entities, private HouseRepository $house, private SwapReader $state, private FindPlace $findPlace, private ReadDressing $read) {}

    public function __invoke(Swap $swap, ?Placement $placement, PlacementInput $input, Person $by): DressingView
    {
        OpenSwap::require($swap);
        $spot = $this->house->spot($swap->home(), $input->spot) ?? throw InvalidInput::at('spot', 'That spot is not there any more.');
        $piece = $this->entities->find(Piece::class, $input->piece);
        if (null === $piece || $piece->home() !== $swap->home() || $piece->isRemoved()) {
            throw InvalidInput::at('piece', 'That piece is not in the cupboard any more.');
        }
        if (null !== $placement) {
            SameVersion::check($input->version, $placement->version(), $piece->name(), ($this->read)($swap, $placement->spot()));
        }
        $this->requireFree($swap, $piece, $placement, $input->count);
        if (null === $placement) {
            $placement = new Placement($swap, $piece, $spot, $input->count);
            $this->entities->persist($placement);
            $this->decide($swap, $piece, $spot, $by);
        }
        $free = null === $input->left ? $this->findPlace->find($swap, $spot, $piece) : null;
        $placement->stand($input->count, $input->left ?? $free->left ?? 0, $input->layer ?? $free->layer ?? Layer::Middle, $input->raise);
        $this->entities->flush();

        return ($this->read)($swap, $spot);
    }

    private function requireFree(Swap $swap, Piece $piece, ?Placement $placement, int $count): void
    {
        $free = ($this->state)($swap)->free($piece->id()) + ($placement?->count() ?? 0);
        if ($count > $free) {
            throw InvalidInput::at('count', $free < 1 ? sprintf('Every %s is placed already, lent or lost.', $piece->name()) : sprintf('Only %d of %s %s free.', $free, $piece->name(), 1 === $free ? 'is' : 'are'));
        }
    }

    /** Placing a piece decides it, unless that was done on the table. */
    private function decide(Swap $swap, Piece $piece, Spot $spot, Person $by): void
    {
        $state = ($this->state)($swap);
        $decided = $state->choice($piece->id());
        if (null !== $decided && Choice::Rest !== $decided && Choice::Part !== $decided) {
            return;
        }
        $now = $state->spotNow($piece->id());
        $choice = match ($now) {
            null => Choice::Bring,
            $spot->id() => Choice::Stay,
            default => Choice::Move,
        };
        $decision = $this->entities->find(Decision::class, ['swap' => $swap->id(), 'piece' => $piece->id()]);
        if (null === $decision) {
            $this->entities->persist(new Decision($swap, $piece, $choice, $by->name()));
        } else {
            $decision->choose($choice, $by->name());
        }
    }
}
