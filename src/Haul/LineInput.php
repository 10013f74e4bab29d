<?php

declare(strict_types=1);

namespace App\Haul;

use App\Entity\HaulWay;
use App\Http\Name;
use BrightCupboard\Core\Money\OfferKind;
use BrightCupboard\Core\Money\Tender;
use BrightCupboard\Core\Stock\PieceKind;

/** A haul line; money and lengths as people write them. The offer's value is a percentage, a sum, or how many are taken. */
final readonly class LineInput
{
    public function __construct(
        public ?string $need,
        #[Name]
        public string $name,
        public HaulWay $way,
        public PieceKind $kind,
        public string $width,
        public string $height,
        public string $colour,
        public string $packPrice,
        public OfferKind $offer,
        public string $offerValue,
        public int $offerPayFor,
        public int $packSize,
        public int $needed,
        public Tender $tender,
        public ?int $version = null,
    ) {}
}
