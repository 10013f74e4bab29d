<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Sizing;

use BrightCupboard\Core\Money\LinePrice;
use BrightCupboard\Core\Money\Money;
use BrightCupboard\Core\Money\Offer;

/** How what is missing is sold: pieces in a pack, its price, this week's offer. */
final readonly class Buying
{
    private function __construct(public int $packSize, public ?Money $packPrice, public Offer $offer) {}

    /**
     * What goes on top of the reckoned as it came out last time, and the price of what is missing.
     *
     * @return list<Ask>
     */
    public static function asks(int $packSize = 1): array
    {
        return [
            Ask::allowance()->alone(),
            Ask::count('packSize', $packSize, 1, LinePrice::MOST)->alone(),
            Ask::money('packPrice')->alone(),
            Ask::offer('offer')->alone(),
        ];
    }

    public static function of(Given $given): self
    {
        return new self($given->count('packSize'), $given->money('packPrice'), $given->offer('offer'));
    }

    /** Nothing is known of how it is sold. */
    public static function unknown(): self
    {
        return new self(1, null, Offer::none());
    }

    public function price(int $needed): ?LinePrice
    {
        return null === $this->packPrice || $needed > LinePrice::MOST ? null : new LinePrice($this->packPrice, $this->offer, $this->packSize, $needed);
    }
}
