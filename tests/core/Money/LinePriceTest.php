<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Money;

use BrightCupboard\Core\Money\InvalidMoney;
use BrightCupboard\Core\Money\LinePrice;
use BrightCupboard\Core\Money\LineState;
use BrightCupboard\Core\Money\Money;
use BrightCupboard\Core\Money\Offer;
use BrightCupboard\Core\Money\SeasonSum;
use BrightCupboard\Core\Money\UsedPiece;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class LinePriceTest extends TestCase
{
    /** @return iterable<string, array{int, Offer, int, int, int, int, int, int}> pack price, offer, pack, needed; packs, spare, total, per piece in cents */
    public static function workedExamples(): iterable
    {
        yield 'five needed in packs of three: two packs, one spare' => [900, Offer::none(), 3, 5, 2, 1, 1800, 300];
        yield 'four stems for $30 at 40 % off, five needed' => [3000, Offer::percentOff(40), 4, 5, 2, 3, 3600, 450];
        yield 'twelve tapers for $35 at 40 % off, ten needed' => [3500, Offer::percentOff(40), 12, 10, 1, 2, 2100, 175];
        yield 'half a cent goes up: 33 % off 1.50 is 1.005' => [150, Offer::percentOff(33), 1, 1, 1, 0, 101, 101];
        yield 'below half goes down: 10 % off 0.04 is 0.036, up; 0.04 - 60 %' => [4, Offer::percentOff(60), 1, 1, 1, 0, 2, 2];
        yield 'rounded once at the line, not pack by pack' => [333, Offer::percentOff(50), 1, 3, 3, 0, 500, 167];
        yield 'so much off each pack' => [1000, Offer::offEachPack(Money::ofMinor(250)), 1, 2, 2, 0, 1500, 750];
        yield 'never below nothing' => [100, Offer::offEachPack(Money::ofMinor(250)), 1, 2, 2, 0, 0, 0];
        yield 'take three pay two, seven taken' => [500, Offer::takeAndPay(3, 2), 1, 7, 7, 0, 2500, 357];
        yield 'a gift' => [1000, Offer::percentOff(100), 1, 1, 1, 0, 0, 0];
    }

    #[DataProvider('workedExamples')]
    public function testPricesByHand(int $packPrice, Offer $offer, int $packSize, int $needed, int $packs, int $spare, int $total, int $perPiece): void
    {
        $price = new LinePrice(Money::ofMinor($packPrice), $offer, $packSize, $needed);

        self::assertSame([$packs, $spare, $total, $perPiece], [$price->packs, $price->spare, $price->total->minor, $price->perPiece->minor]);
    }

    public function testPercentIsRoundedHalfUpOnSeededPrices(): void
    {
        $random = new Randomizer(new Mt19937(3));
        for ($i = 0; $i < 500; ++$i) {
            [$price, $percent] = [$random->getInt(0, 99_999), $random->getInt(0, 100)];
            $exact = $price * (100 - $percent);
            $twiceOff = 2 * (Offer::percentOff($percent)->priceOf(Money::ofMinor($price), 1)->minor * 100 - $exact);
            self::assertTrue($twiceOff > -100 && $twiceOff <= 100, "{$price} less {$percent} %");
        }
    }

    #[TestWith([0, 1])]
    #[TestWith([1001, 1])]
    #[TestWith([1, 0])]
    #[TestWith([1, 1001])]
    public function testRefusesImpossiblePacks(int $packSize, int $needed): void
    {
        $this->expectException(InvalidMoney::class);
        new LinePrice(Money::ofMinor(100), Offer::none(), $packSize, $needed);
    }

    public function testSeasonSumTellsReuseFromNew(): void
    {
        $sum = new SeasonSum(Money::ofMinor(20_000), Money::ofMinor(6600), [
            new UsedPiece('Jug', 1, false, Money::ofMinor(3600), Money::ofMinor(4000), 3),
            new UsedPiece('Tapers', 3, false, Money::ofMinor(900), Money::ofMinor(2400), 4),
            new UsedPiece('Lights', 2, true, Money::ofMinor(2400), Money::ofMinor(2400), 1),
        ]);
        $unpriced = new SeasonSum(Money::zero(), Money::zero(), [...$sum->used, new UsedPiece('Gift', 5, false, Money::zero(), Money::zero(), 1)]);

        self::assertSame([4, 2, 11_200, 4800], [$sum->reusedUnits, $sum->newUnits, $sum->reusedValue->minor, $sum->newValue->minor]);
        self::assertSame([9, 5, 0, 11_200], [
            $unpriced->reusedUnits, $unpriced->reusedUnpriced, $unpriced->newUnpriced, $unpriced->reusedValue->minor,
        ], 'what has no price is not worth nothing: it is counted');
        self::assertEqualsWithDelta(4 / 6, $sum->reuseShare(), 1e-12);
        self::assertSame([1200, 225, 2400], array_map(static fn(UsedPiece $p): int => $p->costPerSeason()->minor, $sum->used));
        self::assertNull((new SeasonSum(Money::zero(), Money::zero(), []))->reuseShare());
    }

    public function testStatesOnlyMoveWhereTheyCan(): void
    {
        self::assertSame([LineState::Returned], LineState::Got->next());
        self::assertSame([], LineState::Returned->next());
        self::assertContains(LineState::Wanted, LineState::Dropped->next());
    }
}
