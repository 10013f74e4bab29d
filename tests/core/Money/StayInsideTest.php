<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Money;

use BrightCupboard\Core\Money\LineState;
use BrightCupboard\Core\Money\Money;
use BrightCupboard\Core\Money\Purse;
use BrightCupboard\Core\Money\PurseLine;
use BrightCupboard\Core\Money\StayInside;
use BrightCupboard\Core\Money\Tender;
use BrightCupboard\Tests\Core\Support\Reference;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Long hauls over small budgets, against the MIP solver HiGHS (npm highs). */
final class StayInsideTest extends TestCase
{
    public function testGivesUpNoMoreThanASolverWouldAndInNoMoreLines(): void
    {
        $random = new Randomizer(new Mt19937(77));
        $cases = $ours = [];
        for ($case = 0; $case < 40; ++$case) {
            $prices = [];
            for ($i = $random->getInt(3, 24); $i > 0; --$i) {
                $prices[] = $random->getInt(1, 60) * (0 === $case % 3 ? 100 : 49);
            }
            $budget = $random->getInt(0, (int) array_sum($prices) - 1);
            $dropped = (new StayInside())->dropped($this->purse($prices, $budget)) ?? [];
            $cases[] = ['prices' => $prices, 'least' => array_sum($prices) - $budget];
            $ours[] = ['total' => $this->total($dropped), 'lines' => \count($dropped)];
        }

        self::assertSame(Reference::ask(__DIR__ . '/cover.mjs', $cases), $ours);
    }

    public function testOfTwoAlikeTheOneWrittenDownLastGoes(): void
    {
        $dropped = (new StayInside())->dropped($this->purse([500, 700, 500], 1300)) ?? [];

        self::assertSame(['Line 2'], array_map(static fn(PurseLine $line): string => $line->name, $dropped));
    }

    /** Thirty different prices over a budget of 5,000, and two hundred over nothing: bounded, and what is dropped is enough. */
    public function testLongHaulsStayWithinTheMemoryOfARequest(): void
    {
        $before = memory_get_peak_usage();
        foreach ([[30, 17_389, 500_000], [200, 9_973, 0], [200, 61_211, 100_000]] as [$lines, $step, $budget]) {
            $prices = array_map(static fn(int $i): int => 1 + $i * $step % 99_991, range(1, $lines));
            $purse = $this->purse($prices, $budget);
            $dropped = (new StayInside())->dropped($purse) ?? [];

            self::assertGreaterThanOrEqual($purse->overrun()->minor, $this->total($dropped));
            self::assertCount(\count($dropped), array_unique(array_map(static fn(PurseLine $line): string => $line->id, $dropped)));
        }
        self::assertLessThan(128 * 1024 * 1024, memory_get_peak_usage() - $before);
    }

    public function testDroppingEverythingMayNotBeEnough(): void
    {
        $purse = new Purse(
            Money::ofMinor(100),
            Money::zero(),
            [
                new PurseLine('a', 'Urn', Money::ofMinor(900), LineState::Ordered, Tender::Purse),
                new PurseLine('b', 'Bow', Money::ofMinor(50), LineState::Wanted, Tender::Purse),
            ],
        );

        self::assertNull((new StayInside())->dropped($purse));
    }

    /** @param list<int> $prices */
    private function purse(array $prices, int $budget): Purse
    {
        return new Purse(
            Money::ofMinor($budget),
            Money::zero(),
            array_map(
                static fn(int $i, int $price): PurseLine => new PurseLine('l' . $i, 'Line ' . $i, Money::ofMinor($price), LineState::Wanted, Tender::Purse),
                array_keys($prices),
                $prices,
            ),
        );
    }

    /** @param list<PurseLine> $lines */
    private function total(array $lines): int
    {
        return array_sum(array_map(static fn(PurseLine $line): int => $line->price->minor, $lines));
    }
}
