<?php

declare(strict_types=1);

namespace App\Look;

use App\Entity\Piece;
use App\Entity\Swap;
use App\Repository\Catalogue;
use BrightCupboard\Core\Look\FitMeter;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

#[AsController]
final readonly class ExplainFit
{
    public function __construct(private Catalogue $catalogue) {}

    #[Route('/api/homes/{home}/swaps/{swap}/pieces/{piece}/fit', methods: ['GET'])]
    public function __invoke(Swap $swap, Piece $piece): FitAnswer
    {
        $entry = $this->catalogue->one($piece->id()) ?? throw new \LogicException('A piece that was found is in the catalogue.');
        $look = $swap->look()->look();

        return FitAnswer::of((new FitMeter($look, $swap->season()))->fit($entry->piece), $look);
    }
}
