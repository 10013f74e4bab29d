<?php

declare(strict_types=1);

namespace App\Rooms;

use App\Cupboard\ColourAnswer;
use BrightCupboard\Core\Coach\Dressing;
use BrightCupboard\Core\Coach\PlacedPiece;
use BrightCupboard\Core\Colour\ColourShare;
use BrightCupboard\Core\Look\FitMeter;
use BrightCupboard\Core\Look\FitVerdict;
use BrightCupboard\Core\Plan\PlannedPlace;
use BrightCupboard\Core\Stock\Posture;
use BrightCupboard\Core\Surface\Layer;

/**
 * Where units of a piece are on a spot; height as they are put, foot over the lowest board of the spot, drop of the dips below
 * it, in tenths of a millimetre.
 */
final readonly class PlacementAnswer
{
    /**
     * @param list<ColourAnswer> $colours  of the side that is turned to the front; empty for the one it shows anyway
     * @param string|null        $standsOn id of the placement under it; null for the spot itself
     * @param bool               $isOnWall whether it hangs on the wall here, at a height of its own
     * @param list<Posture>      $ways     how it may be put here as the spot is dressed
     */
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
        public int $depth,
        public int $unitHeight,
        public int $columns,
        public int $foot,
        public int $dips,
        public int $drop,
        public ?string $face,
        public array $colours,
        public float $weight,
        public ?int $ribbon,
        public string $from,
        public ?string $standsOn,
        public bool $isOnWall,
        public array $ways,
        public int $version,
    ) {}

    public static function of(PlannedPlace $place, PlacedPiece $placed, Dressing $dressing, FitMeter $meter, string $from): self
    {
        $fit = $meter->fit($placed->piece);

        return new self(
            $place->id,
            $place->pieceId,
            $place->count,
            $placed->left,
            $placed->layer,
            $placed->raise,
            $placed->tier,
            $placed->posture,
            $placed->height,
            $placed->width,
            $placed->depth,
            $placed->unitHeight,
            $placed->columns,
            $dressing->heights()->base($placed),
            $placed->drop > 0 || $placed->isWound() ? $placed->stance->dips : 0,
            $placed->drop,
            $placed->stance->face,
            null === $placed->stance->face ? [] : array_map(
                static fn(ColourShare $share): ColourAnswer => new ColourAnswer($share->colour->hex(), $share->percent),
                $placed->piece->colours,
            ),
            round($placed->visualWeight(), 1),
            FitVerdict::Outside === $fit->verdict ? null : $fit->ribbon,
            $from,
            $dressing->carrying()->riserUnder($placed)?->id,
            $dressing->isOnWall($placed),
            $dressing->carrying()->posturesFor($placed->piece->kind),
            $place->version,
        );
    }
}
