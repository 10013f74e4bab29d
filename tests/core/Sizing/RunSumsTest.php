<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Sizing;

use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Measure\Weight;
use BrightCupboard\Core\Money\Money;
use BrightCupboard\Core\Sizing\Curves;
use BrightCupboard\Core\Sizing\CutRoll;
use BrightCupboard\Core\Sizing\Mark;
use BrightCupboard\Core\Sizing\MarkRole;
use BrightCupboard\Core\Sizing\Owned;
use BrightCupboard\Core\Sizing\OwnedPiece;
use BrightCupboard\Core\Sizing\Sums;
use BrightCupboard\Core\Stock\PieceKind;
use BrightCupboard\Tests\Core\Support\Make;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Garland, hooks, lights, ribbon and what is set along a run. CP: common practice of the trade, no published source. */
final class RunSumsTest extends TestCase
{
    /** CP: a 12 ft run of 6 ft sections takes two, joined in the middle, nothing over. */
    public function testTwelveFeetOfGarlandAreTwoSectionsJoinedInTheMiddle(): void
    {
        $answer = Reckon::sum(Sums::Garland, ['run' => Reckon::inches(144)]);

        self::assertSame(2, Reckon::value($answer, 'garland pieces', 'count'));
        self::assertSame(1, Reckon::value($answer, 'garland join', 'joins'));
        self::assertContains('no offcut', Reckon::codes($answer));
        $joins = array_values(array_filter($answer->sketch->marks, static fn(Mark $mark): bool => MarkRole::Join === $mark->role));
        self::assertCount(1, $joins);
        self::assertSame((int) round($answer->sketch->width / 2), $joins[0]->at[0]);
    }

    /** @return iterable<string, array{array<string, mixed>, int, float, float}> figures, lengths, over and short in inches */
    public static function garlands(): iterable
    {
        yield 'ends hang over: 144 + 2 × 12 = 168' => [['run' => 144, 'overhang' => 12], 3, 48, 0];
        yield 'two layers: 288' => [['run' => 144, 'layers' => 2], 4, 0, 0];
        yield 'up a stair: √(120² + 90²) = 150, not 120' => [['shape' => 'slope', 'run' => 120, 'rise' => 90], 3, 66, 0];
        yield 'short by 8 where nobody sees it' => [['run' => 152, 'hidden' => 'left', 'tolerance' => 12], 2, 0, 8];
        yield 'short by 13 is too much' => [['run' => 157, 'hidden' => 'left', 'tolerance' => 12], 3, 59, 0];
        yield 'an inch over two sections' => [['run' => 145], 3, 71, 0];
        yield 'last year 25 % more: 144 × 1.25 = 180' => [['run' => 144, 'allowance' => 25], 3, 36, 0];
    }

    /** @param array<string, mixed> $figures */
    #[DataProvider('garlands')]
    public function testGarland(array $figures, int $lengths, float $over, float $short): void
    {
        $answer = Reckon::sum(Sums::Garland, self::lengths($figures));

        self::assertSame($lengths, $answer->supplies[0]->needed);
        self::assertSame(
            $over,
            0.0 === $over ? (\in_array('offcut', Reckon::codes($answer), true) ? 1.0 : 0.0) : Reckon::inchesOf($answer, 'offcut', 'offcut'),
        );
        self::assertSame($short, 0.0 === $short ? 0.0 : Reckon::inchesOf($answer, 'garland short', 'short'));
    }

    public function testTwiceTheRunNeverNeedsFewer(): void
    {
        mt_srand(5);
        for ($i = 0; $i < 200; ++$i) {
            $run = mt_rand(10, 600);
            $section = Reckon::inches(mt_rand(20, 120));
            $owned = Reckon::lengths(PieceKind::Garland, ...array_map(static fn(): float => mt_rand(12, 100), range(1, mt_rand(1, 4))));
            [$one, $two] = array_map(
                static fn(int $length) => Reckon::sum(Sums::Garland, ['run' => Reckon::inches($length), 'section' => $section], $owned)->supplies[0],
                [$run, 2 * $run],
            );

            self::assertGreaterThanOrEqual($one->needed, $two->needed);
            self::assertGreaterThanOrEqual($one->missing, $two->missing);
        }
    }

    /** A 3 ft offcut is stock (CP): what is owned is laid first, and what is cut leaves its remainder. */
    public function testOwnedLengthsAreLaidFirstAndTheLastOneIsCutWhereTheRunEnds(): void
    {
        $answer = Reckon::sum(Sums::Garland, ['run' => Reckon::inches(100)], Reckon::lengths(PieceKind::Garland, 36, 72, 72));

        self::assertSame(0, $answer->supplies[0]->missing, '72 + 36 reach; the second of 72 stays where it is');
        self::assertSame(2, $answer->supplies[0]->needed);
        self::assertEquals([new CutRoll($answer->cuts[0]->from, 36 * 254, [28 * 254], false)], $answer->cuts);
        self::assertSame(8 * 254, $answer->cuts[0]->rest);
    }

    public function testWhatIsMissingIsBoughtInSectionsAfterWhatIsOwned(): void
    {
        $answer = Reckon::sum(Sums::Garland, ['run' => Reckon::inches(144), 'packPrice' => Money::ofMinor(1800)], Reckon::lengths(PieceKind::Garland, 60, 48));

        self::assertSame(1, $answer->supplies[0]->missing, '144 less 60 and 48 is 36: one section');
        self::assertSame(1800, $answer->supplies[0]->price()?->total->minor);
        self::assertEqualsWithDelta(1.8288, $answer->supplies[0]->perUnit, 1e-9, 'the price is said by the foot or metre of a section');
    }

    /** CP: five hooks for 12 ft, one in the true centre. */
    public function testTwelveFeetTakeFiveHooksOneInTheTrueCentre(): void
    {
        $answer = Reckon::sum(Sums::Hooks, ['run' => Reckon::inches(144)]);
        $hooks = array_values(array_filter($answer->sketch->marks, static fn(Mark $mark): bool => MarkRole::Hook === $mark->role));

        self::assertSame(5, $answer->amount);
        self::assertSame(
            [0, 36, 72, 108, 144],
            array_map(
                static fn(Mark $mark): int => (int) round(($mark->label?->values['at'] instanceof Length ? $mark->label->values['at']->inInches() : -1)),
                $hooks,
            ),
        );
    }

    public function testTheHooksBearTheWholeWeightAndNoneMoreThanItsShare(): void
    {
        foreach ([[144, 0, 907, 0], [100, 10, 500, 2500], [37, 0, 2000, 800], [300, 24, 900, 4000]] as [$run, $over, $section, $hung]) {
            $answer = Reckon::sum(
                Sums::Hooks,
                [
                    'run' => Reckon::inches($run),
                    'overhang' => Reckon::inches($over),
                    'sectionWeight' => Weight::ofGrams($section),
                    'hungWeight' => Weight::ofGrams($hung),
                ],
            );
            $loads = [];
            foreach ($answer->sketch->marks as $mark) {
                if (MarkRole::Hook === $mark->role && $mark->label?->values['load'] instanceof Weight) {
                    $loads[] = $mark->label->values['load']->grams();
                }
            }

            self::assertEqualsWithDelta(($run + 2 * $over) / 72 * $section + $hung, array_sum($loads), \count($loads), 'tributary lengths add up to the whole');
            self::assertLessThanOrEqual(1134, max($loads), 'half of 5 lb');
            self::assertSame(1, \count($loads) % 2, 'one is in the true centre');
        }
    }

    public function testHeavierGarlandTakesMoreHooksAndASeatBelowIsSaid(): void
    {
        $light = Reckon::sum(Sums::Hooks, ['run' => Reckon::inches(144)]);
        $heavy = Reckon::sum(Sums::Hooks, ['run' => Reckon::inches(144), 'hungWeight' => Weight::ofGrams(6000), 'above' => 'bed']);

        self::assertGreaterThan($light->amount, $heavy->amount);
        self::assertContains('over a bed', Reckon::codes($heavy));
    }

    /** CP: two strands of 100 on 12 ft of garland, plugs in the middle, both ends even. */
    public function testTwoStrandsLightTwelveFeetFromTheMiddle(): void
    {
        $answer = Reckon::sum(Sums::Lights, ['run' => Reckon::inches(144)]);

        self::assertSame(2, $answer->amount);
        self::assertSame(72.0, Reckon::inchesOf($answer, 'start middle', 'reach'));
        self::assertSame(0, Reckon::value($answer, 'bulbs over', 'over'));
        $plug = array_values(array_filter($answer->sketch->marks, static fn(Mark $mark): bool => MarkRole::Plug === $mark->role))[0];
        $ends = array_values(array_filter($answer->sketch->marks, static fn(Mark $mark): bool => MarkRole::End === $mark->role));
        self::assertCount(2, $ends);
        self::assertSame($plug->at[0] - $ends[0]->at[0], $ends[1]->at[0] - $plug->at[0], 'as far to the left as to the right');
    }

    /** NFPA and ESFI seasonal guidance: usually three incandescent strings end to end, the maker's number first. */
    public function testFourIncandescentStrandsInARowAreTooMany(): void
    {
        $four = ['run' => Reckon::inches(288), 'lamp' => 'incandescent', 'strandWatts' => 40, 'start' => 'left'];

        self::assertSame(2, Reckon::value(Reckon::sum(Sums::Lights, $four), 'too many end to end', 'leads'));
        self::assertNotContains('too many end to end', Reckon::codes(Reckon::sum(Sums::Lights, $four + ['endToEnd' => 5])));
        self::assertContains('too many end to end', Reckon::codes(Reckon::sum(Sums::Lights, ['endToEnd' => 2, 'lamp' => 'LED'] + $four)));
        self::assertNotContains('too many end to end', Reckon::codes(Reckon::sum(Sums::Lights, ['start' => 'middle'] + $four)), 'two to each side');
    }

    /** NEC 210.20(A): 80 % of 15 A at 120 V is 12 A, 1,440 W. */
    public function testACircuitIsLoadedToEightyPercent(): void
    {
        $of = static fn(float $others): array => Reckon::codes(Reckon::sum(
            Sums::Lights,
            ['run' => Reckon::inches(144), 'strandWatts' => 40, 'otherWatts' => $others],
        ));

        self::assertNotContains('circuit over', $of(1360));
        self::assertContains('circuit over', $of(1361));
    }

    /** A worked example by hand: 6 loops of 4 in are 48 in of ribbon, two tails of 12 in make it 72 in, two yards. */
    public function testABowOfSixLoopsAndTwoTailsTakesTwoYards(): void
    {
        $answer = Reckon::sum(
            Sums::Ribbon,
            ['accents' => 'no', 'bows' => 1, 'loops' => 6, 'loopLength' => Reckon::inches(4), 'tailLength' => Reckon::inches(12)],
        );

        self::assertEquals(Reckon::inches(72), $answer->amount);
    }

    /** CP: one roll of 30 ft went into 12 ft of garland in folded lengths of 12 in, and nothing was left for the tree. */
    public function testOneRollGoesIntoTwelveFeetOfGarland(): void
    {
        $answer = Reckon::sum(Sums::Ribbon, ['run' => Reckon::inches(144), 'accentEvery' => Reckon::inches(4.8)]);

        self::assertEquals(Reckon::inches(360), $answer->amount);
        self::assertContains('no offcut', Reckon::codes($answer));
        self::assertSame(1, $answer->supplies[0]->missing);
    }

    public function testEveryCutAndEveryRemainderAddUpToWhatWasThere(): void
    {
        $answer = Reckon::sum(
            Sums::Ribbon,
            ['run' => Reckon::inches(120), 'bows' => 3, 'posts' => 2, 'allowance' => 10],
            Reckon::lengths(PieceKind::Ribbon, 100, 55, 240),
        );
        $cut = array_sum(array_map(static fn(CutRoll $roll): int => array_sum($roll->cuts), $answer->cuts));

        self::assertGreaterThanOrEqual($answer->amount instanceof Length ? $answer->amount->tenths() : 0, $cut);
        self::assertSame(
            array_sum(array_map(static fn(CutRoll $roll): int => $roll->length, $answer->cuts)),
            $cut + array_sum(array_map(static fn(CutRoll $roll): int => $roll->rest, $answer->cuts)),
        );
        self::assertContains('cut proven', Reckon::codes($answer));
    }

    public function testARollThatNobodyEverUnrolledIsNotCountedAndSaid(): void
    {
        $owned = new Owned([new OwnedPiece(Make::piece('velvet', PieceKind::Ribbon, 4), 2)]);
        $answer = Reckon::sum(Sums::Ribbon, ['run' => Reckon::inches(72)], $owned);

        self::assertSame(1, $answer->supplies[0]->missing);
        self::assertSame('Velvet', Reckon::value($answer, 'unmeasured', 'name'));
    }

    public function testPicksAreSetEvenlyAndBeadsDipBetweenTheirPoints(): void
    {
        self::assertSame(12, Reckon::sum(Sums::Along, ['run' => Reckon::inches(120), 'spacing' => Reckon::inches(10)])->amount);
        self::assertSame(36, Reckon::sum(Sums::Along, ['run' => Reckon::inches(120), 'spacing' => Reckon::inches(10), 'together' => 'threes'])->amount);
        $beads = Reckon::sum(Sums::Along, ['run' => Reckon::inches(120), 'spacing' => Reckon::inches(12), 'what' => 'beads', 'dip' => 20]);
        self::assertEqualsWithDelta(10 * Curves::swag(12, 2.4), Reckon::inchesOf($beads, 'beads', 'total'), 0.01, 'ten dips of a fifth of their span');
    }

    public function testBaublesOfMixedSizesAddUp(): void
    {
        foreach ([1, 2, 5, 12, 31, 99] as $points) {
            $answer = Reckon::sum(Sums::Along, ['run' => Reckon::inches(10 * $points), 'what' => 'baubles', 'sizes' => 'mixed']);
            $of = static fn(string $size): int => \is_int($count = Reckon::value($answer, 'mixed sizes', $size)) ? $count : -1;

            self::assertSame($points, $of('large') + $of('medium') + $of('small'));
            self::assertGreaterThanOrEqual($of('large'), $of('small'));
        }
    }

    /**
     * @param array<string, mixed> $figures
     *
     * @return array<string, Length|float|string>
     */
    private static function lengths(array $figures): array
    {
        $lengths = [];
        foreach ($figures as $name => $value) {
            $lengths[$name] = match (true) {
                \in_array($name, ['run', 'rise', 'overhang', 'tolerance'], true) && \is_int($value) => Reckon::inches($value),
                \is_int($value) => (float) $value,
                default => \is_string($value) ? $value : '',
            };
        }

        return $lengths;
    }
}
