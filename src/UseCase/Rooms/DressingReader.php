<?php

declare(strict_types=1);

namespace App\UseCase\Rooms;

use App\Entity\Spot;
use App\Entity\Swap;
use App\Repository\Catalogue;
use App\Repository\PlacementRepository;
use BrightCupboard\Core\Coach\Dressing;
use BrightCupboard\Core\Coach\PlacedPiece;

/** The plan of one spot as the coach sees it. */
final readonly class DressingReader
{
    public function __construct(private PlacementRepository $placements, private Catalogue $catalogue) {}

    public function of(Swap $swap, Spot $spot): Dressing
    {
        $placed = [];
        foreach ($this->placements->atSpot($swap, $spot) as $placement) {
            $entry = $this->catalogue->one($placement->piece()->id());
            if (null !== $entry) {
                $placed[] = new PlacedPiece($placement->id(), $entry->piece, $placement->count(), $placement->left(), $placement->layer(), $placement->raise());
            }
        }

        return new Dressing($spot->measures(), $placed);
    }
}
