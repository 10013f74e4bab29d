<?php

declare(strict_types=1);

namespace App\UseCase\Plan;

use App\Entity\Piece;
use App\Entity\Swap;
use App\Repository\Catalogue;
use App\View\Plan\ConsequencesView;
use App\View\Plan\ConsequenceView;
use BrightCupboard\Core\Swap\Choice;
use BrightCupboard\Core\Swap\Consequences;

/** Says what each decision on a piece would change for the rooms. */
final readonly class ForeseeChoice
{
    public function __construct(private SwapReader $read, private Fates $fates, private Catalogue $catalogue) {}

    public function __invoke(Swap $swap, Piece $piece): ConsequencesView
    {
        $state = ($this->read)($swap);
        $said = (new Consequences($state->look, $state->meter))->of($this->fates->ofPiece($state, $piece->id()), $this->fates->of($state), $this->catalogue->sets($swap->home()), $this->fates->spotNames($state));

        return new ConsequencesView(array_map(static fn(Choice $choice): ConsequenceView => new ConsequenceView($choice, $said[$choice->value] ?? []), Choice::cases()));
    }
}
