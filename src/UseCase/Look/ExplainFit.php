<?php

declare(strict_types=1);

namespace App\UseCase\Look;

use App\Entity\Piece;
use App\Entity\Swap;
use App\Repository\Catalogue;
use App\View\Look\FitView;
use BrightCupboard\Core\Look\FitMeter;

final readonly class ExplainFit
{
    public function __construct(private Catalogue $catalogue) {}

    public function __invoke(Swap $swap, Piece $piece): FitView
    {
        $entry = $this->catalogue->one($piece->id()) ?? throw new \LogicException('A piece that was found is in the catalogue.');
        $look = $swap->look()->look();

        return FitView::of((new FitMeter($look, $swap->season()))->fit($entry->piece), $look);
    }
}
