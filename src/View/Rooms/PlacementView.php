<?php

declare(strict_types=1);

namespace App\View\Rooms;

use App\Entity\Placement;
use BrightCupboard\Core\Coach\Layer;
use BrightCupboard\Core\Coach\PlacedPiece;

final readonly class PlacementView
{
    private function __construct(public string $id, public string $piece, public int $count, public int $left, public Layer $layer, public int $raise, public float $weight, public ?int $ribbon, public int $version) {}

    public static function of(Placement $placement, PlacedPiece $placed, ?int $ribbon): self
    {
        return new self($placement->id(), $placement->piece()->id(), $placement->count(), $placement->left(), $placement->layer(), $placement->raise(), round($placed->visualWeight(), 1), $ribbon, $placement->version());
    }
}
