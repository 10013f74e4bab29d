<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Money;

use BrightCupboard\Core\Money\InvalidMoney;
use BrightCupboard\Core\Money\Money;
use BrightCupboard\Core\Money\Offer;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Offers as shops write them. */
final class OfferTest extends TestCase
{
    /** @return iterable<string, array{string, int}> text, and what three packs of 10.00 cost with it */
    public static function written(): iterable
    {
        yield 'nothing' => ['', 3000];
        yield 'none' => ['none', 3000];
        yield 'percent' => ['40 %', 1800];
        yield 'percent off' => ['40% off', 1800];
        yield 'three for two' => ['3 for 2', 2000];
        yield 'money off each' => ['2.50 off', 2250];
        yield 'with its sign' => ['$2.50 off', 2250];
        yield 'all of it' => ['100 %', 0];
    }

    #[DataProvider('written')]
    public function testReads(string $text, int $total): void
    {
        self::assertSame($total, Offer::read($text)->priceOf(Money::ofMinor(1000), 3)->minor);
    }

    /** @return iterable<string, array{string, string}> */
    public static function unreadable(): iterable
    {
        yield 'words' => ['half', 'is not an offer: write 40 %, 2.50 off, or 3 for 2.'];
        yield 'more than all' => ['140 %', '0 to 100 percent, got 140'];
        yield 'two for three' => ['2 for 3', '“Take 2, pay for 3” is not an offer'];
        yield 'two for none' => ['2 for 0', 'is not an offer'];
        yield 'less than nothing off' => ['-3 off', 'cannot be negative'];
    }

    #[DataProvider('unreadable')]
    public function testWhatIsNoOfferIsSaidToBeNone(string $text, string $said): void
    {
        $this->expectException(InvalidMoney::class);
        $this->expectExceptionMessage($said);

        Offer::read($text);
    }
}
