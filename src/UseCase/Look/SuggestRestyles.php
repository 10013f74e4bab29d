<?php

declare(strict_types=1);

namespace App\UseCase\Look;

use App\Entity\Swap;
use App\Repository\Catalogue;
use App\UseCase\Plan\SwapReader;
use App\View\Look\PieceRestylesView;
use App\View\Look\RestylesView;
use App\View\Look\RestyleView;
use BrightCupboard\Core\Look\FitVerdict;
use BrightCupboard\Core\Look\RestyleIdeas;
use BrightCupboard\Core\Swap\Choice;

/** What could be done to the pieces that are nearly right, instead of buying. */
final readonly class SuggestRestyles
{
    private const LEAST_SCORE = 35;
    private const MOST_PIECES = 24;
    private const MOST_IDEAS = 3;

    public function __construct(private SwapReader $read, private Catalogue $catalogue) {}

    public function __invoke(Swap $swap): RestylesView
    {
        $state = ($this->read)($swap);
        $near = [];
        foreach ($state->catalogue as $id => $entry) {
            $fit = $state->meter->fit($entry->piece);
            $isNear = FitVerdict::In !== $fit->verdict && $fit->score >= self::LEAST_SCORE;
            if ($isNear && !$state->isOutOfHand($id) && Choice::Part !== $state->choice($id)) {
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
                $pieces[] = new PieceRestylesView($id, array_map(RestyleView::of(...), $found));
            }
        }

        return new RestylesView($pieces);
    }
}
