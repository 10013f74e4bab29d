<?php

declare(strict_types=1);

namespace App\Rooms;

use BrightCupboard\Core\Coach\PlacedPiece;
use BrightCupboard\Core\Plan\PlannedPlace;
use BrightCupboard\Core\Surface\Layer;

final readonly class PlacementAnswer
{
    private function __construct(public string $id, public string $piece, public int $count, public int $left, public Layer $layer, public int $raise, public float $weight, public ?int $ribbon, public int $version) {}

    public static function of(PlannedPlace $place, PlacedPiece $placed, ?int $ribbon): self
    {
        return new self($place->id, $place->pieceId, $place->count, $place->left, $place->layer, $place->raise, round($placed->visualWeight(), 1), $ribbon, $place->version);
    }
}
