<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Colour;

use BrightCupboard\Core\Colour\WholePercents;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Shares as whole percent: the largest remainder method (Hamilton), but that nothing falls to 0. */
final class WholePercentsTest extends TestCase
{
    /** @return iterable<string, array{list<float>, list<int>}> */
    public static function amounts(): iterable
    {
        yield 'all' => [[3.0], [100]];
        yield 'halves' => [[1.0, 1.0], [50, 50]];
        yield 'thirds: the first takes what is left' => [[1.0, 1.0, 1.0], [34, 33, 33]];
        yield 'the largest remainders first: 57.9, 29.6, 12.5' => [[57.9, 29.6, 12.5], [58, 30, 12]];
        // The votes of the usual worked example of the method (47,000; 16,000; 15,900; 12,000; 6,100; 3,100; from memory), here for 100 seats.
        yield 'a published example' => [[47_000.0, 16_000.0, 15_900.0, 12_000.0, 6_100.0, 3_100.0], [47, 16, 16, 12, 6, 3]];
        yield 'a trace is still said' => [[999.0, 1.0, 0.01], [98, 1, 1]];
    }

    /**
     * @param list<float> $amounts
     * @param list<int>   $percents
     */
    #[DataProvider('amounts')]
    public function testGivesEachItsShare(array $amounts, array $percents): void
    {
        self::assertSame($percents, WholePercents::of($amounts));
    }

    public function testSeededSharesSumToAHundredAndKeepQuotaAndOrder(): void
    {
        $random = new Randomizer(new Mt19937(5));
        for ($round = 0; $round < 400; ++$round) {
            $amounts = array_map(static fn(): float => 0.001 + $random->getInt(0, 100_000) / 7, range(1, $random->getInt(1, 12)));
            $percents = WholePercents::of($amounts);
            self::assertSame(100, array_sum($percents));
            self::assertGreaterThanOrEqual(1, min($percents));
            $exact = array_map(static fn(float $amount): float => 100 * $amount / array_sum($amounts), $amounts);
            if (min($exact) >= 1) {
                foreach ($exact as $i => $share) {
                    self::assertLessThan(1.0, abs($share - $percents[$i]), 'quota: never a whole percent away');
                }
            }
            foreach ($amounts as $i => $one) {
                foreach ($amounts as $j => $other) {
                    self::assertTrue($one <= $other || $percents[$i] >= $percents[$j], 'the larger never gets less');
                }
            }
        }
    }

    public function testOfNothingThereIsNoShare(): void
    {
        $this->expectException(\LogicException::class);
        WholePercents::of([0.0, 0.0]);
    }
}
