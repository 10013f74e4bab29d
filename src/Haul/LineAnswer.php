<?php

declare(strict_types=1);

namespace App\Haul;

use App\Entity\HaulLine;
use App\Entity\HaulWay;
use BrightCupboard\Core\Money\LineState;
use BrightCupboard\Core\Money\OfferKind;
use BrightCupboard\Core\Money\Tender;
use BrightCupboard\Core\Stock\PieceKind;

/** A haul line; money in minor units, lengths in tenths of a millimetre. */
final readonly class LineAnswer
{
    /** @param list<LineState> $next */
    private function __construct(
        public string $id,
        public ?string $need,
        public string $name,
        public HaulWay $way,
        public PieceKind $kind,
        public int $width,
        public int $height,
        public string $colour,
        public int $packPrice,
        public OfferKind $offer,
        public int $offerValue,
        public int $offerPayFor,
        public int $packSize,
        public int $needed,
        public Tender $tender,
        public LineState $state,
        public array $next,
        public int $packs,
        public int $spare,
        public int $list,
        public int $total,
        public int $perPiece,
        public ?string $becamePiece,
        public int $version,
    ) {}

    public static function of(HaulLine $line): self
    {
        [$price, $thing, $offer] = [$line->price(), $line->thing(), $line->offer()];

        return new self(
            $line->id(),
            $line->need()?->id(),
            $line->name(),
            $line->way(),
            $thing->kind,
            $thing->width->tenths(),
            $thing->height->tenths(),
            $thing->colour->hex(),
            $line->packPrice()->minor,
            $offer->kind,
            $offer->value,
            $offer->payFor,
            $line->packSize(),
            $line->needed(),
            $line->tender(),
            $line->state(),
            $line->state()->next(),
            $price->packs,
            $price->spare,
            $price->list->minor,
            $price->total->minor,
            $price->perPiece->minor,
            $line->becamePiece(),
            $line->version(),
        );
    }
}
