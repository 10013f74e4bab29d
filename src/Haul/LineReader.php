<?php

declare(strict_types=1);

namespace App\Haul;

use App\Entity\HaulThing;
use App\Entity\HaulWay;
use App\Entity\Home;
use App\Http\Fields;
use BrightCupboard\Core\Colour\Srgb;
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Money\InvalidMoney;
use BrightCupboard\Core\Money\LinePrice;
use BrightCupboard\Core\Money\Money;
use BrightCupboard\Core\Money\Offer;
use BrightCupboard\Core\Money\OfferKind;

/** Reads what was typed about a haul line, field by field. */
final readonly class LineReader
{
    public function __construct(private Home $home) {}

    /** @return array{HaulThing, Money, Offer} */
    public function read(LineInput $input): array
    {
        $fields = new Fields();
        $lengths = $this->home->lengths();
        $width = $fields->read('width', static fn(): Length => $lengths->read($input->width), Length::ofTenths(1));
        $height = $fields->read('height', static fn(): Length => $lengths->read($input->height), Length::ofTenths(1));
        foreach (['width' => $width, 'height' => $height] as $field => $length) {
            if (0 === $length->tenths()) {
                $fields->refuse($field, 'Give its size above 0, so that it can be drawn to scale.');
            }
        }
        $colour = $fields->read('colour', static fn(): Srgb => Srgb::ofHex($input->colour), Srgb::ofHex('#CCCCC4'));
        $price = $fields->read(
            'packPrice',
            static fn(): Money => '' === trim($input->packPrice) && HaulWay::Buy !== $input->way ? Money::zero() : Money::read($input->packPrice),
            Money::zero(),
        );
        $offer = $fields->read('offerValue', static fn(): Offer => match ($input->offer) {
            OfferKind::None => Offer::none(),
            OfferKind::Percent => Offer::percentOff(self::whole($input->offerValue)),
            OfferKind::Fixed => Offer::offEachPack(Money::read($input->offerValue)),
            OfferKind::Deal => Offer::takeAndPay(self::whole($input->offerValue), $input->offerPayFor),
        }, Offer::none());
        $fields->read(
            $input->needed < 1 || $input->needed > LinePrice::MOST ? 'needed' : 'packSize',
            static fn(): LinePrice => new LinePrice($price, $offer, $input->packSize, $input->needed),
            null,
        );
        $fields->complete();

        return [new HaulThing($input->kind, $width, $height, $colour), $price, $offer];
    }

    private static function whole(string $text): int
    {
        return 1 === preg_match('/^\s*(\d{1,4})\s*%?\s*$/D', $text, $match) ? (int) $match[1] : throw InvalidMoney::notAWholeNumber($text);
    }
}
