<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Sizing;

use BrightCupboard\Core\Measure\InvalidMeasure;
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Measure\Weight;
use BrightCupboard\Core\Money\Money;
use BrightCupboard\Core\Money\Offer;
use BrightCupboard\Core\Sizing\Answer;
use BrightCupboard\Core\Sizing\InvalidSum;
use BrightCupboard\Core\Sizing\Mark;
use BrightCupboard\Core\Sizing\MarkRole;
use BrightCupboard\Core\Sizing\Sums;
use BrightCupboard\Core\Sizing\Supply;
use BrightCupboard\Core\Stock\PieceKind;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What must hold of a sum whatever its figures: more never asks for less, what is drawn is what is said, money adds up. */
final class LawsTest extends TestCase
{
    /**
     * @return iterable<string, array{Sums, string, list<Length|Weight|float>, array<string, Length|float|string>}> a field that grows, and
     *         what stands beside it
     */
    public static function growing(): iterable
    {
        $lengths = static fn(float ...$inches): array => array_map(Length::ofInches(...), $inches);
        yield 'a longer run of garland' => [Sums::Garland, 'run', $lengths(12, 71, 72, 73, 144, 200, 431), []];
        yield 'more hanging over' => [Sums::Garland, 'overhang', $lengths(0, 3, 12, 40), []];
        yield 'more layers' => [Sums::Garland, 'layers', [1.0, 2.0, 3.0, 4.0], []];
        yield 'a steeper stair' => [Sums::Garland, 'rise', $lengths(10, 40, 72), ['shape' => 'slope']];
        yield 'deeper swags' => [Sums::Garland, 'sag', $lengths(1, 5, 12, 30), ['shape' => 'swags', 'swags' => 3.0]];
        yield 'more turns round a post' => [Sums::Garland, 'turns', [0.5, 2.0, 5.0, 12.0], ['shape' => 'post']];
        yield 'more on top' => [Sums::Garland, 'allowance', [-20.0, 0.0, 5.0, 40.0], []];
        yield 'hooks for a longer run' => [Sums::Hooks, 'run', $lengths(20, 72, 144, 300), []];
        yield 'heavier things hung' => [Sums::Hooks, 'hungWeight', [Weight::ofGrams(0), Weight::ofGrams(2000), Weight::ofGrams(9000)], []];
        yield 'lights on a longer run' => [Sums::Lights, 'run', $lengths(10, 72, 73, 200), []];
        yield 'more bulbs for a section' => [Sums::Lights, 'bulbsPerSection', [20.0, 100.0, 130.0, 400.0], ['run' => Length::ofInches(144)]];
        yield 'more bows' => [Sums::Ribbon, 'bows', [0.0, 1.0, 3.0, 9.0], []];
        yield 'longer loops' => [Sums::Ribbon, 'loopLength', $lengths(2, 4, 7), ['bows' => 2.0]];
        yield 'longer long tails' => [Sums::Ribbon, 'longTailLength', $lengths(12, 36, 60), ['longTails' => 4.0]];
        yield 'more posts' => [Sums::Ribbon, 'posts', [0.0, 1.0, 4.0], []];
        yield 'a wider mouth' => [Sums::Stems, 'opening', $lengths(2, 4, 6, 10), []];
        yield 'a taller jar' => [Sums::Fill, 'vesselHeight', $lengths(4, 8, 14), []];
        yield 'a wider jar' => [Sums::Fill, 'opening', $lengths(4, 6, 12), []];
        yield 'a wider seat' => [Sums::Cushions, 'seatWidth', $lengths(60, 84, 110), ['rows' => 1.0]];
        yield 'a taller tree' => [Sums::Tree, 'treeHeight', $lengths(36, 60, 84), []];
        yield 'a wider tree' => [Sums::Tree, 'treeFoot', $lengths(24, 40, 54), []];
        yield 'more days' => [Sums::Batteries, 'days', [3.0, 7.0, 30.0, 90.0], []];
        yield 'more draw' => [Sums::Batteries, 'draw', [10.0, 60.0, 200.0], []];
        yield 'more coats' => [Sums::Paint, 'coats', [1.0, 2.0, 4.0], ['items' => 20.0]];
        yield 'more boxes' => [Sums::Wrap, 'items', [1.0, 5.0, 40.0], []];
    }

    /**
     * @param list<Length|Weight|float>           $values
     * @param array<string, Length|float|string>  $beside
     */
    #[DataProvider('growing')]
    public function testMoreNeverAsksForLess(Sums $sum, string $field, array $values, array $beside): void
    {
        $before = -1;
        foreach ($values as $value) {
            $answer = Reckon::sum($sum, [$field => $value] + $beside);
            $amount = $answer->amount instanceof Length ? $answer->amount->tenths() : ($answer->amount ?? -1);

            self::assertGreaterThanOrEqual($before, $amount, "{$field} grows");
            $before = $amount;
        }
        self::assertGreaterThan(0, $before);
    }

    /** @return iterable<string, array{Sums}> whose answer does not depend on the size of what is owned */
    public static function counted(): iterable
    {
        foreach ([Sums::Hooks, Sums::Lights, Sums::Along, Sums::Stems, Sums::Fill, Sums::Cushions, Sums::Batteries, Sums::Wrap] as $sum) {
            yield $sum->value => [$sum];
        }
    }

    /** @return iterable<string, array{Sums}> those of them that something owned may answer */
    public static function owned(): iterable
    {
        foreach (self::counted() as $name => [$sum]) {
            if ([] !== $sum->kinds()) {
                yield $name => [$sum];
            }
        }
    }

    #[DataProvider('counted')]
    public function testPacksCoverWhatIsMissingAndNoPackIsBoughtForNothing(Sums $sum): void
    {
        foreach ([1, 2, 3, 5, 12] as $pack) {
            foreach (Reckon::sum($sum, ['packSize' => $pack, 'packPrice' => Money::ofMinor(399)])->supplies as $supply) {
                $price = $supply->price();
                if (null === $price) {
                    continue;
                }
                self::assertGreaterThanOrEqual($supply->missing, $price->packs * $pack);
                self::assertLessThan($supply->missing, ($price->packs - 1) * $pack);
                self::assertSame($price->packs * 399, $price->total->minor);
                self::assertSame($price->packs * $pack, $supply->missing + $price->spare);
            }
        }
    }

    #[DataProvider('counted')]
    public function testAnOfferNeverMakesItDearer(Sums $sum): void
    {
        $of = static fn(Offer $offer): int => array_sum(array_map(
            static fn(Supply $one): int => $one->price()->total->minor ?? 0,
            Reckon::sum($sum, ['packPrice' => Money::ofMinor(1250), 'offer' => $offer])->supplies,
        ));

        foreach ([Offer::percentOff(40), Offer::takeAndPay(3, 2), Offer::offEachPack(Money::ofMinor(250))] as $offer) {
            self::assertLessThanOrEqual($of(Offer::none()), $of($offer));
        }
    }

    /** What is owned is taken before anything is bought, and never more of it than there is. */
    #[DataProvider('owned')]
    public function testWhatIsTakenIsThereAndWhatIsMissingIsTheRest(Sums $sum): void
    {
        foreach ($sum->kinds() as $kind) {
            foreach (Reckon::sum($sum, [], Reckon::lengths($kind, 3, 3, 18, 18))->supplies as $supply) {
                $taken = array_sum(array_map(static fn($one): int => $one->units, $supply->taken));

                self::assertSame($supply->needed, $taken + $supply->missing);
                foreach ($supply->taken as $one) {
                    self::assertLessThanOrEqual($one->from->free, $one->units);
                }
            }
        }
    }

    public function testTheGarlandInThePictureIsAsLongAsTheRun(): void
    {
        foreach ([[144, 0, 1], [100, 6, 1], [200, 12, 2], [61, 0, 3]] as [$run, $over, $layers]) {
            $answer = Reckon::sum(Sums::Garland, ['run' => Reckon::inches($run), 'overhang' => Reckon::inches($over), 'layers' => $layers]);

            self::assertEqualsWithDelta(($run + 2 * $over) * $layers, self::drawn($answer, MarkRole::Ghost) / 254, 0.2);
        }
    }

    public function testOwnedAndBoughtGarlandAreDrawnApart(): void
    {
        $answer = Reckon::sum(Sums::Garland, ['run' => Reckon::inches(120)], Reckon::lengths(PieceKind::Garland, 60));

        self::assertEqualsWithDelta(60, self::drawn($answer, MarkRole::Garland) / 254, 0.2);
        self::assertEqualsWithDelta(60, self::drawn($answer, MarkRole::Ghost) / 254, 0.2);
    }

    public function testASlopeIsDrawnAsSteepAsItIs(): void
    {
        $sketch = Reckon::sum(Sums::Garland, ['shape' => 'slope', 'run' => Reckon::inches(120), 'rise' => Reckon::inches(90)])->sketch;
        $garland = self::marks($sketch->marks, MarkRole::Ghost)[0];
        [$x1, $y1, $x2, $y2] = [$garland->at[0], $garland->at[1], $garland->at[\count($garland->at) - 2], $garland->at[\count($garland->at) - 1]];

        self::assertEqualsWithDelta(90 / 120, ($y1 - $y2) / ($x2 - $x1), 0.01, 'it climbs to the right');
    }

    public function testPlatesLieInsideTheTableAndClearOfOneAnother(): void
    {
        foreach ([['round', 48, 48, 4], ['round', 60, 60, 6], ['rectangular', 72, 38, 6], ['oval', 80, 46, 6]] as [$shape, $wide, $deep, $people]) {
            $marks = Reckon::sum(
                Sums::Table,
                ['tableShape' => $shape, 'tableWidth' => Reckon::inches($wide), 'tableDepth' => Reckon::inches($deep), 'people' => $people],
            )->sketch->marks;
            $cloth = self::marks($marks, MarkRole::Cloth)[0];
            $plates = array_values(array_filter(self::marks($marks, MarkRole::Setting), static fn(Mark $one): bool => $one->at[2] > 1500));

            self::assertCount($people, $plates, "{$shape} {$wide}");
            foreach ($plates as $i => $plate) {
                self::assertGreaterThanOrEqual(min($cloth->xs()) - 1, min($plate->xs()), "{$shape} {$wide}: inside");
                self::assertLessThanOrEqual(max($cloth->xs()) + 1, max($plate->xs()));
                foreach (\array_slice($plates, $i + 1) as $other) {
                    self::assertGreaterThan(
                        2 * $plate->at[2] * 0.98,
                        hypot($plate->at[0] - $other->at[0], $plate->at[1] - $other->at[1]),
                        "{$shape} {$wide}: apart",
                    );
                }
            }
        }
    }

    public function testPeopleSitAllRoundAtEvenDistances(): void
    {
        foreach ([3, 4, 5, 8] as $people) {
            $seats = self::marks(
                Reckon::sum(Sums::Table, ['tableShape' => 'round', 'tableWidth' => Reckon::inches(72), 'people' => $people])->sketch->marks,
                MarkRole::Seat,
            );
            $apart = [];
            foreach ($seats as $i => $seat) {
                $next = $seats[($i + 1) % $people];
                $apart[] = hypot($next->at[0] - $seat->at[0], $next->at[1] - $seat->at[1]);
            }

            self::assertEqualsWithDelta(max($apart), min($apart), max($apart) * 0.03, "{$people} round it");
        }
    }

    public function testTheBandsOfATreeShareAllItsBulbsAndBaubles(): void
    {
        foreach ([[84, 54], [60, 30], [120, 70]] as [$height, $foot]) {
            $answer = Reckon::sum(Sums::Tree, ['treeHeight' => Reckon::inches($height), 'treeFoot' => Reckon::inches($foot), 'ceiling' => Reckon::inches(200)]);
            $bands = array_filter($answer->sketch->marks, static fn(Mark $mark): bool => 'band' === $mark->label?->code);
            $sum = static fn(string $of): int => (int) array_sum(array_map(static fn(Mark $mark): mixed => $mark->label?->values[$of], $bands));

            self::assertCount(5, $bands);
            self::assertEqualsWithDelta($answer->amount, $sum('count'), 3, 'rounded band by band');
            self::assertEqualsWithDelta(Reckon::value($answer, 'tree lights', 'bulbs'), $sum('bulbs'), 3);
        }
    }

    public function testCushionsStayOnTheSeatAndTheFrontOnesAreSmallest(): void
    {
        foreach ([60, 72, 84, 100] as $wide) {
            $marks = Reckon::sum(
                Sums::Cushions,
                ['seatWidth' => Reckon::inches($wide), 'backCover' => Reckon::inches(18), 'frontCover' => Reckon::inches(14)],
            )->sketch->marks;
            $seat = self::marks($marks, MarkRole::Surface)[0];
            $front = self::marks($marks, MarkRole::Ribbon);

            foreach (self::marks($marks, MarkRole::Cushion) as $cushion) {
                self::assertGreaterThanOrEqual(min($seat->xs()), min($cushion->xs()));
                self::assertLessThanOrEqual(max($seat->xs()), max($cushion->xs()));
                self::assertGreaterThan($front[0]->at[2], $cushion->at[2]);
            }
        }
    }

    public function testHooksOnTheWallAreWhereTheFramesAre(): void
    {
        $answer = Reckon::sum(
            Sums::Hanging,
            [
                'hangs' => 'on a wall',
                'wallWidth' => Reckon::inches(90),
                'columns' => 2,
                'frameWidth' => Reckon::inches(20),
                'frameHeight' => Reckon::inches(24),
                'hookDrop' => Reckon::inches(4),
            ],
        );
        [$frames, $hooks] = [self::marks($answer->sketch->marks, MarkRole::Hung), self::marks($answer->sketch->marks, MarkRole::Hook)];

        self::assertCount(2, $hooks);
        foreach ($hooks as $i => $hook) {
            self::assertSame($frames[$i]->at[0] + intdiv($frames[$i]->at[2], 2), $hook->at[0]);
            self::assertSame($frames[$i]->at[1] + 4 * 254, $hook->at[1]);
        }
    }

    public function testAFloodOfNumbersIsAnsweredOrRefusedAtAFieldNeverAnythingElse(): void
    {
        mt_srand(77);
        $answered = $refused = 0;
        for ($i = 0; $i < 1200; ++$i) {
            $sum = Sums::cases()[$i % \count(Sums::cases())];
            $values = [];
            foreach ($sum->sum()->asks() as $ask) {
                if (0 === mt_rand(0, 2)) {
                    $values[$ask->name] = match ($ask->kind->value) {
                        'length' => Length::ofMillimetres(10 ** (mt_rand(0, 48) / 10) - 1),
                        'count' => (float) mt_rand(-1, 130),
                        'number' => mt_rand(-10, 60_000) / 10,
                        'percent' => (float) mt_rand(-60, 130),
                        'choice', 'yes' => $ask->choices[mt_rand(0, \count($ask->choices) - 1)],
                        default => null,
                    };
                    if (null === $values[$ask->name]) {
                        unset($values[$ask->name]);
                    }
                }
            }
            try {
                Reckon::sum($sum, $values);
                ++$answered;
            } catch (InvalidSum $refusal) {
                self::assertNotSame('', $refusal->field);
                ++$refused;
            } catch (InvalidMeasure) {
                ++$refused; // longer or larger than anything that is measured
            }
        }
        self::assertGreaterThan(150, $answered);
        self::assertGreaterThan(150, $refused);
    }

    /**
     * @param list<Mark> $marks
     *
     * @return list<Mark>
     */
    private static function marks(array $marks, MarkRole $role): array
    {
        return array_values(array_filter($marks, static fn(Mark $mark): bool => $role === $mark->role));
    }

    private static function drawn(Answer $answer, MarkRole $role): float
    {
        $length = 0.0;
        foreach (self::marks($answer->sketch->marks, $role) as $mark) {
            for ($i = 2; $i + 1 < \count($mark->at); $i += 2) {
                $length += hypot($mark->at[$i] - $mark->at[$i - 2], $mark->at[$i + 1] - $mark->at[$i - 1]);
            }
        }

        return $length;
    }
}
