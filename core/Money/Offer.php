<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Money;

/** What a shop takes off the list price of one line: a percentage, a sum per pack, or "take n, pay for m". */
final readonly class Offer
{
    private function __construct(public OfferKind $kind, public int $value, public int $payFor = 0) {}

    public static function none(): self
    {
        return new self(OfferKind::None, 0);
    }

    public static function percentOff(int $percent): self
    {
        return $percent < 0 || $percent > 100 ? throw InvalidMoney::percent($percent) : new self(OfferKind::Percent, $percent);
    }

    public static function offEachPack(Money $off): self
    {
        return $off->minor < 0 ? throw InvalidMoney::negative((string) ($off->minor / 100)) : new self(OfferKind::Fixed, $off->minor);
    }

    public static function takeAndPay(int $take, int $pay): self
    {
        return $pay < 1 || $pay >= $take || $take > 100 ? throw InvalidMoney::deal($take, $pay) : new self(OfferKind::Deal, $take, $pay);
    }

    /**
     * Reads "", "none", "40 %", "2.50 off" or "3 for 2".
     *
     * @throws InvalidMoney when it is none of them
     */
    public static function read(string $text): self
    {
        return match (true) {
            '' === trim($text) || 'none' === mb_strtolower(trim($text)) => self::none(),
            1 === preg_match('/^\s*(\d{1,4})\s*%(?:\s*off)?\s*$/i', $text, $match) => self::percentOff((int) $match[1]),
            1 === preg_match('/^\s*(\d{1,3})\s*for\s*(\d{1,3})\s*$/i', $text, $match) => self::takeAndPay((int) $match[1], (int) $match[2]),
            1 === preg_match('/^(.*\d.*?)\s*off\s*$/i', $text, $match) => self::offEachPack(Money::read($match[1])),
            default => throw InvalidMoney::notAnOffer($text),
        };
    }

    /** The price of so many packs, rounded half up once, at the line. Never below nothing. */
    public function priceOf(Money $listPrice, int $packs): Money
    {
        $list = $listPrice->times($packs);

        return match ($this->kind) {
            OfferKind::None => $list,
            OfferKind::Percent => $list->share(100 - $this->value, 100),
            OfferKind::Fixed => Money::ofMinor(max(0, $listPrice->minor - $this->value))->times($packs),
            OfferKind::Deal => $listPrice->times(intdiv($packs, $this->value) * $this->payFor + $packs % $this->value),
        };
    }
}
