<?php

declare(strict_types=1);

namespace App\Rooms;

use App\Entity\Spot;
use App\Entity\Swap;
use App\Swaps\Plans;
use BrightCupboard\Core\Coach\PlaceFinder;
use BrightCupboard\Core\Coach\Surroundings;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\Routing\Attribute\Route;

/** Any owned piece whose name or kind holds what is asked, to be put on a spot all the same. */
#[AsController]
final readonly class FindOffers
{
    private const MOST = 8;

    public function __construct(private Plans $plans, private Availability $availability) {}

    #[Route('/api/homes/{home}/swaps/{swap}/spots/{spot}/offers', methods: ['GET'])]
    public function __invoke(Swap $swap, Spot $spot, #[MapQueryParameter] string $find = ''): OffersAnswer
    {
        $asked = mb_strtolower(trim($find));
        if ('' === $asked) {
            return new OffersAnswer([]);
        }
        $state = $this->plans->of($swap);
        $dressing = $state->plan->dressing($spot->measures());
        $surroundings = new Surroundings();
        $offers = [];
        foreach ($this->availability->of($state, true) as $offer) {
            $piece = $offer->piece;
            if (!str_contains(mb_strtolower($piece->name . ' ' . $piece->kind->value), $asked)) {
                continue;
            }
            $why = $surroundings->objection($piece, $dressing->spot) ?? $surroundings->sizeObjection($piece, $dressing->spot);
            $hasRoom = null !== $why || null !== (new PlaceFinder())->find($dressing, $piece, $state->look->balance);
            $offers[] = new OfferAnswer($piece->id, $offer->free, $offer->where, $why->value ?? ($hasRoom ? '' : 'no free place for it'));
            if (self::MOST === \count($offers)) {
                break;
            }
        }

        return new OffersAnswer($offers);
    }
}
