<?php

declare(strict_types=1);

namespace App\UseCase\Plan;

use App\Entity\Piece;
use App\Entity\Spot;
use App\Entity\Swap;
use App\Repository\Catalogue;
use App\UseCase\Rooms\DressingReader;
use BrightCupboard\Core\Draft\FreePlace;
use BrightCupboard\Core\Draft\PlaceFinder;

/** Where on a spot a piece would stand, given what the plan has there already. */
final readonly class FindPlace
{
    public function __construct(private DressingReader $dressings, private Catalogue $catalogue) {}

    public function find(Swap $swap, Spot $spot, Piece $piece): ?FreePlace
    {
        $entry = $this->catalogue->one($piece->id());

        return null === $entry ? null : (new PlaceFinder())->find($this->dressings->of($swap, $spot), $entry->piece);
    }
}
