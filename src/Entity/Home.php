<?php

declare(strict_types=1);

namespace App\Entity;

use BrightCupboard\Core\Measure\LengthText;
use BrightCupboard\Core\Measure\LengthUnit;
use BrightCupboard\Core\Measure\VolumeText;
use BrightCupboard\Core\Measure\WeightText;
use BrightCupboard\Core\Money\GiftMoney;
use Doctrine\ORM\Mapping as ORM;

/** A dwelling the stylist looks after, with its units and currency. */
#[ORM\Entity]
class Home implements OfHome
{
    use Identified;
    use Versioned;

    public function __construct(
        #[ORM\Column(length: 80)]
        private string $name,
        #[ORM\Column(length: 2)]
        private LengthUnit $unit = LengthUnit::Inch,
        #[ORM\Column(length: 4)]
        private string $currency = '$',
        #[ORM\Column(length: 10)]
        private GiftMoney $giftMoney = GiftMoney::Apart,
    ) {
        $this->identify();
    }

    public function describe(string $name, LengthUnit $unit, string $currency, GiftMoney $giftMoney): void
    {
        [$this->name, $this->unit, $this->currency, $this->giftMoney] = [$name, $unit, $currency, $giftMoney];
    }

    public function home(): self
    {
        return $this;
    }

    public function name(): string
    {
        return $this->name;
    }

    public function unit(): LengthUnit
    {
        return $this->unit;
    }

    public function currency(): string
    {
        return $this->currency;
    }

    public function giftMoney(): GiftMoney
    {
        return $this->giftMoney;
    }

    public function lengths(): LengthText
    {
        return new LengthText($this->unit);
    }

    public function volumes(): VolumeText
    {
        return new VolumeText($this->unit);
    }

    public function weights(): WeightText
    {
        return new WeightText($this->unit);
    }
}
