<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Money;

use BrightCupboard\Core\Money\GiftMoney;
use BrightCupboard\Core\Money\LineState;
use BrightCupboard\Core\Money\Money;
use BrightCupboard\Core\Money\Purse;
use BrightCupboard\Core\Money\PurseLine;
use BrightCupboard\Core\Money\StayInside;
use BrightCupboard\Core\Money\Tender;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class PurseTest extends TestCase
{
    public function testSumsAreExactOnSeededLines(): void
    {
        $random = new Randomizer(new Mt19937(11));
        for ($run = 0; $run < 200; ++$run) {
            $budget = $random->getInt(0, 50_000);
            $lines = $this->seededLines($random, $random->getInt(0, 40));
            $purse = new Purse(Money::ofMinor($budget), Money::ofMinor(2500), $lines);
            $sum = static fn(LineState $state, Tender $tender): int => array_sum(array_map(
                static fn(PurseLine $l): int => $l->state === $state && $l->tender === $tender ? $l->price->minor : 0,
                $lines,
            ));

            self::assertSame($sum(LineState::Got, Tender::Purse), $purse->spent->minor);
            self::assertSame($sum(LineState::Ordered, Tender::Purse), $purse->committed->minor);
            self::assertSame($sum(LineState::Wanted, Tender::Purse), $purse->planned->minor);
            self::assertSame($budget, $purse->spent->minor + $purse->committed->minor + $purse->planned->minor + $purse->free->minor);
            self::assertSame(2500 - $purse->cardUsed->minor, $purse->cardFree->minor);
        }
    }

    public function testGiftCardStaysApartUnlessTheHomeCountsIt(): void
    {
        $lines = [new PurseLine('a', 'Clips', Money::ofMinor(1400), LineState::Got, Tender::GiftCard)];

        self::assertSame(10_000, (new Purse(Money::ofMinor(10_000), Money::ofMinor(2500), $lines))->free->minor);
        self::assertSame(8600, (new Purse(Money::ofMinor(10_000), Money::ofMinor(2500), $lines, GiftMoney::CountsAgainstBudget))->free->minor);
    }

    public function testDropsTheLeastThatKeepsInsideJustAsTryingEverySubsetWould(): void
    {
        $random = new Randomizer(new Mt19937(5));
        for ($run = 0; $run < 150; ++$run) {
            $lines = $this->seededLines($random, $random->getInt(1, 10));
            $purse = new Purse(Money::ofMinor($random->getInt(0, 12_000)), Money::zero(), $lines);
            $dropped = (new StayInside())->dropped($purse);
            $best = $this->leastBySearch($purse->droppable(), $purse->overrun()->minor);

            self::assertSame($best, null === $dropped ? null : array_sum(array_map(static fn(PurseLine $l): int => $l->price->minor, $dropped)));
        }
    }

    public function testNothingIsDroppedWhileInside(): void
    {
        self::assertSame([], (new StayInside())->dropped(new Purse(Money::ofMinor(100), Money::zero(), [])));
    }

    /** @return list<PurseLine> */
    private function seededLines(Randomizer $random, int $count): array
    {
        $lines = [];
        for ($i = 0; $i < $count; ++$i) {
            $lines[] = new PurseLine(
                'l' . $i,
                'Line ' . $i,
                Money::ofMinor($random->getInt(0, 4000)),
                LineState::cases()[$random->getInt(0, 4)],
                Tender::cases()[$random->getInt(0, 1)],
            );
        }

        return $lines;
    }

    /** @param list<PurseLine> $lines */
    private function leastBySearch(array $lines, int $overrun): ?int
    {
        $best = null;
        for ($subset = 0; $subset < 2 ** \count($lines); ++$subset) {
            $sum = 0;
            foreach ($lines as $i => $line) {
                $sum += ($subset >> $i & 1) * $line->price->minor;
            }
            $best = $sum >= $overrun && (null === $best || $sum < $best) ? $sum : $best;
        }

        return $best;
    }
}
