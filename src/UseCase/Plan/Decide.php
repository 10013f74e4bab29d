<?php

declare(strict_types=1);

namespace App\UseCase\Plan;

use App\Entity\Decision;
use App\Entity\Person;
use App\Entity\Piece;
use App\Entity\Swap;
use App\Http\Conflict;
use App\Http\InvalidInput;
use App\Input\DecisionsInput;
use App\View\Plan\DecisionsView;
use App\View\Plan\DecisionView;
use BrightCupboard\Core\Swap\Choice;
use Doctrine\ORM\EntityManagerInterface;

/** Takes decisions for one piece or many, all or none; what stays keeps its place in the plan. */
final readonly class Decide
{
    public function __construct(private EntityManagerInterface $entities, private StayPlacements $stays) {}

    public function __invoke(Swap $swap, DecisionsInput $input, Person $by): DecisionsView
    {
        OpenSwap::require($swap);
        $decisions = [];
        $conflicts = [];
        $this->entities->wrapInTransaction(function () use ($swap, $input, $by, &$decisions, &$conflicts): void {
            foreach ($input->decisions as $one) {
                $piece = $this->entities->find(Piece::class, $one->piece);
                if (null === $piece || $piece->home() !== $swap->home() || $piece->isRemoved()) {
                    throw InvalidInput::at('piece', 'One of these pieces is not in the cupboard any more. Reload to see how things are.');
                }
                $decision = $this->entities->find(Decision::class, ['swap' => $swap->id(), 'piece' => $piece->id()]);
                if (null !== $decision && $decision->version() !== $one->version) {
                    $conflicts[] = $decision;
                    continue;
                }
                $decisions[] = $this->decided($swap, $piece, $decision, $one->choice, $by->name());
            }
            if ([] !== $conflicts) {
                throw $this->conflict($conflicts);
            }
        });

        return new DecisionsView(array_map(DecisionView::of(...), $decisions));
    }

    private function decided(Swap $swap, Piece $piece, ?Decision $decision, ?Choice $choice, string $by): Decision
    {
        if (null === $decision) {
            $decision = new Decision($swap, $piece, $choice, $by);
            $this->entities->persist($decision);
        } else {
            $decision->choose($choice, $by);
        }
        $this->stays->follow($swap, $piece, $choice);

        return $decision;
    }

    /** @param non-empty-list<Decision> $conflicts */
    private function conflict(array $conflicts): Conflict
    {
        $first = $conflicts[0];
        $word = $first->choice()->value ?? 'not decided';

        return new Conflict(
            sprintf('%s decided on %s meanwhile: %s. Nothing of yours was saved; look again, then decide.', $first->by(), $first->piece()->name(), $word),
            new DecisionsView(array_map(DecisionView::of(...), $conflicts)),
        );
    }
}
