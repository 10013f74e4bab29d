<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Money;

/**
 * The price of one haul line: packs needed, what they cost, what is spare.
 *
 * Packs are rounded up to whole ones; the offer is applied to the line and rounded half up once.
 */
final readonly class LinePrice
{
    /** Pieces in a pack, and needed. */
    public const MOST = 1000;

    public int $packs;
    public int $spare;
    public Money $list;
    public Money $total;
    /** Price of one of the pieces that come, spare ones counted, rounded half up. */
    public Money $perPiece;

    public function __construct(Money $packPrice, public Offer $offer, int $packSize, int $needed)
    {
        if ($packSize < 1 || $packSize > self::MOST || $needed < 1 || $needed > self::MOST) {
            throw InvalidMoney::pack($packSize, $needed);
        }
        $this->packs = intdiv($needed + $packSize - 1, $packSize);
        $this->spare = $this->packs * $packSize - $needed;
        $this->list = $packPrice->times($this->packs);
        $this->total = $offer->priceOf($packPrice, $this->packs);
        $this->perPiece = $this->total->share(1, $this->packs * $packSize);
    }
}
