<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Money;

use BrightCupboard\Core\Money\InvalidMoney;
use BrightCupboard\Core\Money\Money;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Amounts as people write them, and amounts that are divided without a cent being made or lost. */
final class MoneyTest extends TestCase
{
    /** @return iterable<string, array{string, int}> */
    public static function written(): iterable
    {
        yield 'whole' => ['12', 1200];
        yield 'one place' => ['12.5', 1250];
        yield 'decimal comma' => ['12,50', 1250];
        yield 'with its sign' => ['$12.50', 1250];
        yield 'thousands' => ['1,250.00', 125_000];
        yield 'thousands without cents' => ['1,250', 125_000];
        yield 'spaces' => [' 1 250.00 ', 125_000];
        yield 'nothing' => ['0', 0];
        yield 'the most' => ['1,000,000', 100_000_000];
    }

    #[DataProvider('written')]
    public function testReadsAmountsAsTheyAreWritten(string $text, int $minor): void
    {
        self::assertSame($minor, Money::read($text)->minor);
    }

    /** @return iterable<string, array{string}> */
    public static function unreadable(): iterable
    {
        foreach (['', 'twelve', '-3', '12.345', '1e3', '12..5', '1,000,000.01', '0x10', '１２'] as $text) {
            yield "“{$text}”" => [$text];
        }
    }

    #[DataProvider('unreadable')]
    public function testRefusesWhatIsNoAmount(string $text): void
    {
        $this->expectException(InvalidMoney::class);

        Money::read($text);
    }

    #[TestWith(['-5', 'An amount cannot be negative, got -5.'])]
    #[TestWith(['12.505', '“12.505” is not an amount. Write it like 12.50.'])]
    #[TestWith(['a lot', '“a lot” is not an amount. Write it like 12.50.'])]
    #[TestWith(['99999999', 'An amount can be at most 1,000,000.00.'])]
    public function testSaysWhyItIsNoAmount(string $text, string $sentence): void
    {
        $this->expectExceptionMessage($sentence);
        Money::read($text);
    }

    public function testAPriceForEachAddsUpToTheWholeWhereAGroupIsOfOne(): void
    {
        $random = new Randomizer(new Mt19937(7));
        for ($i = 0; $i < 300; ++$i) {
            $counts = array_map(static fn(): int => $random->getInt(1, 9), range(1, $random->getInt(1, 6)));
            $amount = Money::ofMinor($random->getInt(0, 20_000));
            $sum = Money::sum(array_map(static fn(Money $each, int $count): Money => $each->times($count), $amount->each($counts), $counts));

            self::assertLessThan(min($counts), $amount->minus($sum)->minor, "{$amount->minor} over " . implode(', ', $counts));
            self::assertGreaterThanOrEqual(0, $amount->minus($sum)->minor);
        }
    }

    public function testTwoSharesOfAnAmountAreTheAmount(): void
    {
        $random = new Randomizer(new Mt19937(8));
        for ($i = 0; $i < 300; ++$i) {
            [$amount, $whole] = [Money::ofMinor($random->getInt(0, 90_000)), $random->getInt(2, 500)];
            $part = $random->getInt(1, $whole - 1);

            self::assertEqualsWithDelta(
                $amount->minor,
                $amount->share($part, $whole)->plus($amount->share($whole - $part, $whole))->minor,
                1.0,
                'Each half of a cent is rounded up.',
            );
            self::assertEqualsWithDelta($amount->minor * $part / $whole, $amount->share($part, $whole)->minor, 0.5);
        }
    }
}
