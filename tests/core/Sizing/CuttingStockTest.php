<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Sizing;

use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Sizing\CuttingPlan;
use BrightCupboard\Core\Sizing\CuttingStock;
use BrightCupboard\Core\Sizing\OwnedPiece;
use BrightCupboard\Core\Stock\PieceKind;
use BrightCupboard\Tests\Core\Support\Make;
use BrightCupboard\Tests\Core\Support\Reference;
use PHPUnit\Framework\TestCase;

/** The fewest new rolls, against the MIP solver HiGHS (npm `highs`) on seeded instances. */
final class CuttingStockTest extends TestCase
{
    private const INCH = Length::TENTHS_PER_INCH;

    public function testNeverTakesMoreThanTheSolverNeedsAndProvesIt(): void
    {
        $cases = self::seeded(240);
        $proven = $open = 0;
        /** @var list<array{status: string, rolls: int}> $answers */
        $answers = Reference::ask(
            __DIR__ . '/cutting.mjs',
            array_map(static fn(array $case): array => [...$case, 'most' => self::plan($case)->bought], $cases),
        );
        foreach ($cases as $i => $case) {
            $plan = self::plan($case);
            if ('Optimal' !== $answers[$i]['status']) {
                ++$open; // the solver gave up
                continue;
            }
            self::assertLessThanOrEqual($answers[$i]['rolls'] + 1, $plan->bought, "instance {$i}");
            self::assertLessThanOrEqual($answers[$i]['rolls'], $plan->atLeast, "instance {$i}: what is called proven is");
            $proven += $plan->isProven() ? 1 : 0;
        }
        self::assertLessThan(10, $open);
        self::assertSame(240 - $open, $proven, 'all of up to 60 cuts');
    }

    public function testEveryCutIsMadeOnceAndNoRollIsLongerThanItWas(): void
    {
        foreach (self::seeded(60) as $i => $case) {
            $plan = self::plan($case);
            $made = $owned = [];
            foreach ($plan->rolls as $roll) {
                array_push($made, ...$roll->cuts);
                self::assertGreaterThanOrEqual(0, $roll->rest, "instance {$i}");
                self::assertSame($roll->length, array_sum($roll->cuts) + $roll->rest);
                if (null !== $roll->from) {
                    $owned[] = $roll->length;
                }
            }
            self::assertEqualsCanonicalizing($case['cuts'], $made, "instance {$i}");
            self::assertSame([], array_diff_key(array_count_values($owned), array_count_values($case['owned'])), 'only rolls that are there');
        }
    }

    public function testPartRollsAreUsedBeforeARollIsBought(): void
    {
        $plan = self::plan(['cuts' => array_fill(0, 12, 12 * self::INCH), 'owned' => [100 * self::INCH, 50 * self::INCH], 'roll' => 360 * self::INCH]);

        self::assertSame(0, $plan->bought, 'four off the short one, eight off the other');
        self::assertSame([2 * self::INCH, 4 * self::INCH], array_map(static fn($roll): int => $roll->rest, $plan->rolls));
    }

    /** By hand: 5 + 5, 4 + 3 + 3 and 4 + 3 + 3 fill three rolls of 10 to the last inch, and 30 inches take no fewer. */
    public function testFillsRollsToTheLastInchWhereThatGoes(): void
    {
        $plan = self::plan([
            'cuts' => array_map(static fn(int $inches): int => $inches * self::INCH, [5, 5, 4, 4, 3, 3, 3, 3]),
            'owned' => [],
            'roll' => 10 * self::INCH,
        ]);

        self::assertSame(3, $plan->bought);
        self::assertTrue($plan->isProven());
    }

    /** @param array{cuts: list<int>, owned: list<int>, roll: int} $case */
    private static function plan(array $case): CuttingPlan
    {
        $owned = array_map(
            static fn(int $length, int $i): OwnedPiece => new OwnedPiece(
                Make::piece("roll {$i}", PieceKind::Ribbon, laidOut: $length / Length::TENTHS_PER_INCH),
                1,
            ),
            $case['owned'],
            array_keys($case['owned']),
        );

        return CuttingStock::plan($case['cuts'], $owned, $case['roll']);
    }

    /** @return list<array{cuts: list<int>, owned: list<int>, roll: int}> of up to 60 cuts, of few lengths or of many, with part rolls or none */
    private static function seeded(int $count): array
    {
        mt_srand(20261125);
        $cases = [];
        for ($i = 0; $i < $count; ++$i) {
            $roll = [180, 300, 360, 720][mt_rand(0, 3)];
            $kinds = array_map(static fn(): int => mt_rand(6, (int) ($roll * 0.7)), range(1, 0 === $i % 3 ? 12 : 4));
            $cases[] = [
                'cuts' => array_map(static fn(): int => $kinds[mt_rand(0, \count($kinds) - 1)] * self::INCH, range(1, mt_rand(3, 0 === $i % 4 ? 60 : 24))),
                'owned' => array_map(static fn(): int => mt_rand(10, $roll) * self::INCH, 0 === $i % 2 ? range(1, mt_rand(1, 5)) : []),
                'roll' => $roll * self::INCH,
            ];
        }

        return $cases;
    }
}
