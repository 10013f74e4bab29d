<?php

declare(strict_types=1);

namespace App\Rooms;

final readonly class OffersAnswer
{
    /** @param list<OfferAnswer> $offers */
    public function __construct(public array $offers) {}
}
