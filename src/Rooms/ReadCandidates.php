<?php

declare(strict_types=1);

namespace App\Rooms;

use App\Entity\Spot;
use App\Entity\Swap;
use App\Swaps\Plans;
use BrightCupboard\Core\Draft\Candidate;
use BrightCupboard\Core\Draft\CandidateRanking;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

/** The best of what could still stand at a spot; asked apart from the spot, since it is about the whole stock. */
#[AsController]
final readonly class ReadCandidates
{
    private const MOST = 12;

    public function __construct(private Plans $plans, private Availability $availability, private Recipes $recipes) {}

    #[Route('/api/homes/{home}/swaps/{swap}/spots/{spot}/candidates', methods: ['GET'])]
    public function __invoke(Swap $swap, Spot $spot): CandidatesAnswer
    {
        $state = $this->plans->ofOpen($swap);
        $dressing = $state->plan->dressing($spot->measures());
        $by = $state->judgement()->at($spot->taste());
        $recipe = $this->recipes->of($swap->home(), $dressing->spot->kind, $by->look->mood);
        $ranking = (new CandidateRanking())->rank($dressing, $this->availability->of($state, false), $by, $swap->season(), self::MOST, $recipe);
        $lengths = $swap->home()->lengths();

        return new CandidatesAnswer(
            array_map(static fn(Candidate $candidate): CandidateAnswer => CandidateAnswer::of($candidate, $lengths), $ranking->candidates),
            $ranking->suitable,
            array_map(
                static fn(string $reason, int $pieces): LeftOutAnswer => new LeftOutAnswer($reason, $pieces),
                array_keys($ranking->leftOut),
                array_values($ranking->leftOut),
            ),
            new RecipeAnswer($recipe->isOwn, RecipePartAnswer::each($recipe, $dressing)),
        );
    }
}
