<?php

declare(strict_types=1);

namespace App\Homes;

use App\Entity\Home;
use BrightCupboard\Core\Measure\LengthUnit;
use BrightCupboard\Core\Money\GiftMoney;

final readonly class HomeAnswer
{
    private function __construct(
        public string $id,
        public string $name,
        public LengthUnit $unit,
        public string $currency,
        public GiftMoney $giftMoney,
        public int $version,
    ) {}

    public static function of(Home $home): self
    {
        return new self($home->id(), $home->name(), $home->unit(), $home->currency(), $home->giftMoney(), $home->version());
    }
}
