<?php

declare(strict_types=1);

namespace App\Look;

use App\Entity\Swap;
use App\Repository\Catalogue;
use App\Swaps\Plans;
use BrightCupboard\Core\Look\FitVerdict;
use BrightCupboard\Core\Look\RestyleIdeas;
use BrightCupboard\Core\Plan\Choice;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

/** What could be done to the pieces that are nearly right, instead of buying. */
#[AsController]
final readonly class SuggestRestyles
{
    private const LEAST_SCORE = 35;
    private const MOST_PIECES = 24;
    private const MOST_IDEAS = 3;

    public function __construct(private Plans $plans, private Catalogue $catalogue) {}

    #[Route('/api/homes/{home}/swaps/{swap}/restyles', methods: ['GET'])]
    public function __invoke(Swap $swap): RestylesAnswer
    {
        $state = $this->plans->of($swap);
        $near = [];
        foreach ($state->catalogue as $id => $entry) {
            $fit = $state->meter->fit($entry->piece);
            $isNear = FitVerdict::In !== $fit->verdict && $fit->score >= self::LEAST_SCORE;
            if ($isNear && !$state->plan->isOutOfHand($id) && Choice::Part !== $state->plan->choice($id)) {
                $near[$id] = $fit->score;
            }
        }
        arsort($near);
        $records = $this->catalogue->records($swap->home());
        $ideas = new RestyleIdeas($state->look, $state->meter);
        $pieces = [];
        foreach (array_keys($near) as $id) {
            $found = \array_slice($ideas->of($state->catalogue[$id]->piece, $records[$id]->makeup->faces), 0, self::MOST_IDEAS);
            if ([] !== $found && \count($pieces) < self::MOST_PIECES) {
                $pieces[] = new PieceRestylesAnswer($id, array_map(RestyleAnswer::of(...), $found));
            }
        }

        return new RestylesAnswer($pieces);
    }
}
