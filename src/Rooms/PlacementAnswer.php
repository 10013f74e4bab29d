<?php

declare(strict_types=1);

namespace App\Rooms;

use BrightCupboard\Core\Coach\PlacedPiece;
use BrightCupboard\Core\Look\FitMeter;
use BrightCupboard\Core\Look\FitVerdict;
use BrightCupboard\Core\Plan\PlannedPlace;
use BrightCupboard\Core\Stock\Posture;
use BrightCupboard\Core\Surface\Layer;
use BrightCupboard\Core\Surface\Spot;

/** Where units of a piece are on a spot; height as they are put, foot over the lowest board of the spot, in tenths of a millimetre. */
final readonly class PlacementAnswer
{
    private function __construct(
        public string $id,
        public string $piece,
        public int $count,
        public int $left,
        public Layer $layer,
        public int $raise,
        public int $tier,
        public Posture $posture,
        public int $height,
        public int $width,
        public int $unitHeight,
        public int $columns,
        public int $foot,
        public float $weight,
        public ?int $ribbon,
        public string $from,
        public int $version,
    ) {}

    public static function of(PlannedPlace $place, PlacedPiece $placed, Spot $spot, FitMeter $meter, string $from): self
    {
        $fit = $meter->fit($placed->piece);

        return new self(
            $place->id,
            $place->pieceId,
            $place->count,
            $place->left,
            $place->layer,
            $place->raise,
            $place->tier,
            $placed->posture,
            $placed->height,
            $placed->width,
            $placed->unitHeight,
            $placed->columns,
            $spot->baseAt($place->tier, $placed->centre) + $place->raise,
            round($placed->visualWeight(), 1),
            FitVerdict::Outside === $fit->verdict ? null : $fit->ribbon,
            $from,
            $place->version,
        );
    }
}
