<?php

declare(strict_types=1);

namespace App\Table;

use App\Entity\Piece;
use App\Entity\Swap;
use App\Repository\Catalogue;
use App\Swaps\Plans;
use BrightCupboard\Core\Plan\Choice;
use BrightCupboard\Core\Table\Consequences;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

/** Says what each decision on a piece would change for the rooms. */
#[AsController]
final readonly class ForeseeChoice
{
    public function __construct(private Plans $plans, private Catalogue $catalogue) {}

    #[Route('/api/homes/{home}/swaps/{swap}/pieces/{piece}/consequences', methods: ['GET'])]
    public function __invoke(Swap $swap, Piece $piece): ConsequencesAnswer
    {
        $state = $this->plans->of($swap);
        $said = (new Consequences($state->look, $state->meter))->of(
            $state->plan->fate($piece->id()),
            $state->plan->fates(),
            $this->catalogue->sets($swap->home()),
            $state->plan->spotNames(),
        );

        return new ConsequencesAnswer(array_map(
            static fn(Choice $choice): ConsequenceAnswer => new ConsequenceAnswer($choice, $said[$choice->value] ?? []),
            Choice::cases(),
        ));
    }
}
