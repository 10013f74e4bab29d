<?php

declare(strict_types=1);

namespace App\Rooms;

use App\Entity\Spot;
use App\Entity\Swap;
use App\Swaps\Plans;
use BrightCupboard\Core\Draft\CandidateRanking;
use BrightCupboard\Core\Draft\Remedies;
use BrightCupboard\Core\Draft\Remedy;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

/** What would better a spot: acts that were tried, for each finding that is not good. */
#[AsController]
final readonly class ReadRemedies
{
    private const ADDED = 12;

    public function __construct(private Plans $plans, private Availability $availability, private Recipes $recipes) {}

    #[Route('/api/homes/{home}/swaps/{swap}/spots/{spot}/remedies', methods: ['GET'])]
    public function __invoke(Swap $swap, Spot $spot): RemediesAnswer
    {
        $state = $this->plans->ofOpen($swap, $spot->measures());
        $dressing = $state->plan->dressing($spot->measures());
        $by = $state->judgement()->at($spot->taste());
        $owned = $this->availability->of($state, false);
        $candidates = (new CandidateRanking())->likely(
            $dressing,
            $owned,
            $by,
            $swap->season(),
            self::ADDED,
            $this->recipes->of($swap->home(), $dressing->spot->kind, $by->look->mood),
        );
        $words = new RemedyWords($dressing, $swap->home()->lengths());

        return new RemediesAnswer(array_map(
            static fn(Remedy $remedy): RemedyAnswer => RemedyAnswer::of($remedy, $words, $state->plan->places),
            (new Remedies())->find($dressing, $candidates, $by, $owned, $state->plan->faces),
        ));
    }
}
