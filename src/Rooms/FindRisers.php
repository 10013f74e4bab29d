<?php

declare(strict_types=1);

namespace App\Rooms;

use App\Entity\Placement;
use App\Entity\Swap;
use App\Http\Conflict;
use App\Swaps\Plans;
use BrightCupboard\Core\Coach\Coach;
use BrightCupboard\Core\Coach\PlacedPiece;
use BrightCupboard\Core\Draft\Risers;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

/** What a placed piece could be stood on. */
#[AsController]
final readonly class FindRisers
{
    private const MOST = 6;

    public function __construct(private Plans $plans, private Availability $availability) {}

    #[Route('/api/homes/{home}/swaps/{swap}/placements/{placement}/risers', methods: ['GET'])]
    public function __invoke(Swap $swap, Placement $placement): RisersAnswer
    {
        $spot = $placement->spot();
        $state = $this->plans->ofOpen($swap, $spot->measures());
        $dressing = $state->plan->dressing($spot->measures());
        $piece = array_values(array_filter($dressing->placed, static fn(PlacedPiece $one): bool => $one->id === $placement->id()))[0]
            ?? throw new Conflict('It does not stand here any more.');
        $owned = $this->availability->of($state, false);
        $where = [];
        foreach ($owned as $offer) {
            $where[$offer->piece->id] = $offer->where;
        }
        [$coach, $by, $lengths] = [new Coach(), $state->judgement()->at($spot->taste()), $swap->home()->lengths()];
        $risers = [];
        foreach ((new Risers())->under($dressing, $piece, $owned) as [$raised, $riser]) {
            $tried = $dressing->without($piece->id)->with($riser)->with($raised);
            $risers[] = new RiserAnswer(
                sprintf('%s, %s', $riser->piece->name, $lengths->write($riser->piece->size->height)),
                $where[$riser->piece->id] ?? '',
                [ArrangedPlace::of($riser, $state->plan->places), ArrangedPlace::of($raised, $state->plan->places)],
                (int) round($coach->score($tried, $coach->lookOver($tried, $by))),
            );
        }
        usort($risers, static fn(RiserAnswer $a, RiserAnswer $b): int => [$b->score, $a->says] <=> [$a->score, $b->says]);

        return new RisersAnswer(\array_slice($risers, 0, self::MOST), $dressing->carrying()->riserUnder($piece)?->id);
    }
}
