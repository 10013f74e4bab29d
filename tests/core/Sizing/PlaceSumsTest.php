<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Sizing;

use BrightCupboard\Core\Measure\Area;
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Measure\Volume;
use BrightCupboard\Core\Money\Money;
use BrightCupboard\Core\Sizing\Answer;
use BrightCupboard\Core\Sizing\Mark;
use BrightCupboard\Core\Sizing\MarkRole;
use BrightCupboard\Core\Sizing\Owned;
use BrightCupboard\Core\Sizing\OwnedPiece;
use BrightCupboard\Core\Sizing\Sums;
use BrightCupboard\Core\Sizing\Supply;
use BrightCupboard\Core\Stock\PieceKind;
use BrightCupboard\Tests\Core\Support\Make;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Stems, fill, table, cushions, walls, trees, batteries, sockets, paint and paper. CP: common practice of the trade. */
final class PlaceSumsTest extends TestCase
{
    /** Floristry rule of thumb: finished at 1.5 to 2 times the container; CP: 6 leafy, 3 twigs and accents in a large vase. */
    public function testALargeVaseTakesSixLeafyThreeTwigsThreeAccents(): void
    {
        $answer = Reckon::sum(
            Sums::Stems,
            ['opening' => Reckon::inches(6), 'vesselHeight' => Reckon::inches(12), 'times' => 2, 'stemLength' => Reckon::inches(24)],
        );

        self::assertSame(
            ['leafy' => 6, 'twigs' => 3, 'accents' => 3],
            array_column(array_map(static fn(Supply $one): array => [$one->code, $one->needed], $answer->supplies), 1, 0),
        );
        self::assertSame(24.0, Reckon::inchesOf($answer, 'stem fate right', 'finished'));
    }

    /** CP: two in a small planter, by the ratio of its mouth; one kind alone is an odd number. */
    public function testASmallPlanterTakesTwoOrThreeAndOneKindIsOdd(): void
    {
        self::assertContains(Reckon::sum(Sums::Stems, ['opening' => Reckon::inches(3), 'recipe' => 'one kind'])->amount, [1, 3]);
        for ($inches = 2; $inches < 16; ++$inches) {
            self::assertSame(1, (int) Reckon::sum(Sums::Stems, ['opening' => Reckon::inches($inches), 'recipe' => 'one kind'])->amount % 2, "{$inches} in");
        }
    }

    public function testBundlesOfThreeGiveThePriceOfAStem(): void
    {
        $answer = Reckon::sum(Sums::Stems, ['recipe' => 'one kind', 'opening' => Reckon::inches(5), 'packSize' => 3, 'packPrice' => Money::ofMinor(600)]);
        $price = $answer->supplies[0]->price() ?? self::fail('There is a price.');

        self::assertSame(intdiv($answer->supplies[0]->needed + 2, 3), $price->packs);
        self::assertSame(200, $price->perPiece->minor);
    }

    /** @return iterable<string, array{array<string, Length|string>, float}> the vessel and its litres by the formula of the handbook */
    public static function vessels(): iterable
    {
        $mm = Length::ofMillimetres(...);
        yield 'cylinder: π·5²·20 cm³' => [['vessel' => 'cylinder', 'vesselHeight' => $mm(200), 'opening' => $mm(100)], \M_PI * 25 * 20 / 1000];
        yield 'box: 10·8·20 cm³' => [['vessel' => 'box', 'vesselHeight' => $mm(200), 'opening' => $mm(100), 'vesselDepth' => $mm(80)], 1.6];
        yield 'frustum: πh/3·(R² + Rr + r²)' => [
            ['vessel' => 'frustum', 'vesselHeight' => $mm(200), 'opening' => $mm(200), 'foot' => $mm(120)],
            \M_PI * 20 / 3 * (100 + 60 + 36) / 1000,
        ];
        yield 'bowl, a cap: πh/6·(3a² + h²)' => [['vessel' => 'bowl', 'vesselHeight' => $mm(80), 'opening' => $mm(240)], \M_PI * 8 / 6 * (3 * 144 + 64) / 1000];
        yield 'bowl, half a ball: 2/3·πr³' => [['vessel' => 'bowl', 'vesselHeight' => $mm(100), 'opening' => $mm(200)], 2 / 3 * \M_PI];
    }

    /** @param array<string, Length|string> $vessel */
    #[DataProvider('vessels')]
    public function testAVesselHoldsWhatTheFormulaSays(array $vessel, float $litres): void
    {
        $answer = Reckon::sum(Sums::Fill, $vessel + ['filler' => 'loose']);

        self::assertEqualsWithDelta($litres, self::volume($answer, 'fill litres', 'whole'), 1e-6);
    }

    /** Scott and Kilgour 1969: balls at random fill 0.64; 20 mm balls in 10 litres: 6.4 l ÷ 4.18879 ml = 1,527. */
    public function testBallsFillSixtyFourHundredths(): void
    {
        $cube = [
            'vessel' => 'box',
            'vesselHeight' => Length::ofMillimetres(100),
            'opening' => Length::ofMillimetres(1000),
            'vesselDepth' => Length::ofMillimetres(100),
        ];

        self::assertSame(1527, Reckon::sum(Sums::Fill, $cube + ['filler' => 'balls', 'item' => Length::ofMillimetres(20)])->amount);
    }

    public function testAFalseBottomSavesWhatLiesUnderIt(): void
    {
        $jar = [
            'vesselHeight' => Reckon::inches(12),
            'opening' => Reckon::inches(6),
            'filler' => 'loose',
            'packHolds' => Volume::ofLitres(0.5),
            'packPrice' => Money::ofMinor(400),
        ];
        $full = Reckon::sum(Sums::Fill, $jar);
        $third = Reckon::sum(Sums::Fill, $jar + ['bottom' => Reckon::inches(8)]);

        self::assertEqualsWithDelta(self::volume($full, 'fill litres', 'shown') / 3, self::volume($third, 'fill litres', 'shown'), 1e-6);
        self::assertEquals($full->supplies[0]->price()?->total, Reckon::value($third, 'fill saved', 'whole'));
    }

    public function testSomethingElseIsPricedByTheLitreAndConesCostNothing(): void
    {
        $jar = [
            'vessel' => 'box',
            'vesselHeight' => Length::ofMillimetres(100),
            'opening' => Length::ofMillimetres(100),
            'vesselDepth' => Length::ofMillimetres(200),
        ];

        self::assertEquals(
            Money::ofMinor(500),
            Reckon::value(Reckon::sum(Sums::Fill, $jar + ['insteadLitre' => Money::ofMinor(250)]), 'instead', 'cost'),
            'two litres at 2.50',
        );
        self::assertContains('instead for nothing', Reckon::codes(Reckon::sum(Sums::Fill, $jar + ['insteadLitre' => Money::ofMinor(0)])));
    }

    /** NFPA candle safety guidance: 12 in round a flame. */
    public function testATableSaysHowFarAFlameKeepsFromWhatBurns(): void
    {
        self::assertSame(12.0, Reckon::inchesOf(Reckon::sum(Sums::Table), 'flames at table', 'clear'));
    }

    /**
     * Panero and Zelnik 1979 give each diner 24 in at least and 30 in for comfort; the numbers of seats by size are those
     * of common handbooks, from memory. CP: a round table of 4 ft seats up to four.
     *
     * @return iterable<string, array{array<string, mixed>, string, int}>
     */
    public static function tables(): iterable
    {
        yield 'round, 4 ft' => [['tableShape' => 'round', 'tableWidth' => 48], 'comfortable', 4];
        yield 'round, 4 ft, close' => [['tableShape' => 'round', 'tableWidth' => 48], 'close', 6];
        yield 'round, 5 ft' => [['tableShape' => 'round', 'tableWidth' => 60], 'comfortable', 6];
        yield '72 by 36' => [['tableShape' => 'rectangular', 'tableWidth' => 72, 'tableDepth' => 36], 'comfortable', 6];
        yield '72 by 36, close' => [['tableShape' => 'rectangular', 'tableWidth' => 72, 'tableDepth' => 36], 'close', 8];
        yield '96 by 42' => [['tableShape' => 'rectangular', 'tableWidth' => 96, 'tableDepth' => 42], 'comfortable', 8];
        yield 'a table for two' => [['tableShape' => 'rectangular', 'tableWidth' => 30, 'tableDepth' => 24], 'comfortable', 2];
        yield 'along the other way' => [['tableShape' => 'rectangular', 'tableWidth' => 36, 'tableDepth' => 72], 'comfortable', 6];
    }

    /** @param array<string, mixed> $table */
    #[DataProvider('tables')]
    public function testSeats(array $table, string $comfort, int $seats): void
    {
        $figures = ['comfort' => $comfort];
        foreach ($table as $name => $value) {
            $figures[$name] = \is_int($value) ? Reckon::inches($value) : (\is_string($value) ? $value : '');
        }
        $answer = Reckon::sum(Sums::Table, $figures);

        self::assertSame($seats, Reckon::value($answer, 'seats', 'seats'));
    }

    public function testAnOvalSeatsNoMoreThanTheRoundOneItLiesIn(): void
    {
        $oval = Reckon::value(
            Reckon::sum(Sums::Table, ['tableShape' => 'oval', 'tableWidth' => Reckon::inches(72), 'tableDepth' => Reckon::inches(48)]),
            'seats',
            'seats',
        );
        $round = Reckon::value(Reckon::sum(Sums::Table, ['tableShape' => 'round', 'tableWidth' => Reckon::inches(72)]), 'seats', 'seats');

        self::assertGreaterThanOrEqual(4, $oval);
        self::assertLessThanOrEqual($round, $oval);
    }

    public function testSettingsComeFromOwnedSetsByTheirSizeAndChairsAreCounted(): void
    {
        $owned = new Owned([
            new OwnedPiece(Make::piece('chargers', PieceKind::Plate, 13, 13, count: 8), 8),
            new OwnedPiece(Make::piece('dinner plates', PieceKind::Plate, 10.5, 10.5, count: 4), 4),
            new OwnedPiece(Make::piece('napkins', PieceKind::Napkin, 18, 4, count: 12), 12),
        ]);
        $answer = Reckon::sum(Sums::Table, ['people' => 6, 'setting' => 'charger, plate, bowl, napkin', 'chairs' => 4], $owned);
        $missing = array_column(array_map(static fn(Supply $one): array => [$one->code, $one->missing], $answer->supplies), 1, 0);

        self::assertSame(['charger' => 0, 'plate' => 2, 'bowl' => 6, 'napkin' => 0], $missing);
        self::assertSame(2, Reckon::value($answer, 'chairs missing', 'missing'));
        self::assertCount(6, array_filter($answer->sketch->marks, static fn(Mark $mark): bool => MarkRole::Seat === $mark->role));
    }

    public function testARunnerIsATableAndTwoDropsLongAndAThirdOfItWide(): void
    {
        $answer = Reckon::sum(Sums::Cloth, ['tableWidth' => Reckon::inches(72), 'tableDepth' => Reckon::inches(36), 'drop' => Reckon::inches(8)]);

        self::assertSame([88.0, 12.0], [Reckon::inchesOf($answer, 'cover runner', 'length'), Reckon::inchesOf($answer, 'cover runner', 'width')]);
        $cloth = Reckon::sum(Sums::Cloth, ['tableShape' => 'round', 'tableWidth' => Reckon::inches(60), 'drop' => Reckon::inches(15), 'cover' => 'cloth']);
        self::assertSame(90.0, Reckon::inchesOf($cloth, 'cloth round', 'length'), 'a 60 in table under a 90 in cloth: a common size');
    }

    /** CP: an insert is 2 in over its cover; only the front changes. */
    public function testInsertsAreLargerThanTheirCoversAndOnlyTheFrontIsBought(): void
    {
        $answer = Reckon::sum(Sums::Cushions, ['seatWidth' => Reckon::inches(84), 'packPrice' => Money::ofMinor(2000)]);

        self::assertSame(2.0, Reckon::inchesOf($answer, 'cushion row back', 'insert') - Reckon::inchesOf($answer, 'cushion row back', 'cover'));
        self::assertSame([null, null, 2000], array_map(static fn(Supply $one): ?int => $one->price()?->total->minor, $answer->supplies));
        self::assertSame(1, $answer->amount);
    }

    /** CP: art over furniture is ⅔ to ¾ of its width; 7 in over its top is between 6 and 8 (memory). */
    public function testArtOverFurnitureIsTwoThirdsToThreeQuartersOfIt(): void
    {
        $answer = Reckon::sum(Sums::Hanging, ['below' => Reckon::inches(60), 'belowTop' => Reckon::inches(34)]);

        self::assertSame(
            [40.0, 45.0, 42.5],
            [Reckon::inchesOf($answer, 'hung wide', 'least'), Reckon::inchesOf($answer, 'hung wide', 'most'), Reckon::inchesOf($answer, 'hung wide', 'wide')],
        );
        self::assertSame(41.0, Reckon::inchesOf($answer, 'hung from', 'lower'));
    }

    /** CP: alone on a wall the middle is at 57 in. */
    public function testAloneOnAWallItsMiddleIsAtEyeHeight(): void
    {
        $answer = Reckon::sum(Sums::Hanging, ['hangs' => 'on a wall', 'frameWidth' => Reckon::inches(20), 'frameHeight' => Reckon::inches(30)]);

        self::assertSame(57.0, Reckon::inchesOf($answer, 'hung from', 'middle'));
        self::assertSame(69.0, Reckon::inchesOf($answer, 'hook height', 'height'), '57 + 15 less the 3 in of the wire');
    }

    public function testAGalleryIsEvenlySpacedAndInTheMiddleOfTheWall(): void
    {
        $answer = Reckon::sum(
            Sums::Hanging,
            [
                'hangs' => 'on a wall',
                'wallWidth' => Reckon::inches(100),
                'columns' => 3,
                'tiersHung' => 2,
                'frameWidth' => Reckon::inches(16),
                'frameHeight' => Reckon::inches(20),
                'between' => Reckon::inches(2),
            ],
        );
        $frames = array_values(array_filter($answer->sketch->marks, static fn(Mark $mark): bool => MarkRole::Hung === $mark->role));

        self::assertCount(6, $frames);
        self::assertSame(52.0, Reckon::inchesOf($answer, 'group wide', 'wide'));
        self::assertSame(18 * 254, $frames[1]->at[0] - $frames[0]->at[0]);
        self::assertSame(24 * 254, $frames[0]->at[0], '(100 − 52) / 2');
    }

    /** Lateral surface of a cone: π·r·√(r² + h²); 100 bulbs for each foot of height (memory). */
    public function testATreeIsTrimmedByItsHeightAndItsSurface(): void
    {
        $answer = Reckon::sum(
            Sums::Tree,
            [
                'treeHeight' => Length::ofMillimetres(2000),
                'treeFoot' => Length::ofMillimetres(1200),
                'ceiling' => Length::ofMillimetres(2600),
                'topper' => Length::ofMillimetres(200),
                'baubleSpacing' => Length::ofMillimetres(200),
            ],
        );
        $area = array_values(array_filter($answer->working, static fn($said): bool => 'tree surface' === $said->code))[0]->values['area'] ?? null;

        self::assertEqualsWithDelta(\M_PI * 0.6 * sqrt(0.36 + 4), $area instanceof Area ? $area->squareMetres : 0.0, 1e-3);
        self::assertSame((int) ceil(\M_PI * 0.6 * sqrt(0.36 + 4) / 0.04), $answer->amount);
        self::assertSame((int) ceil(2000 / 304.8 * 100), Reckon::value($answer, 'tree lights', 'bulbs'));
    }

    public function testATreeInACornerShowsLess(): void
    {
        $of = static fn(string $stands): int => (int) Reckon::sum(Sums::Tree, ['stands' => $stands])->amount;

        self::assertGreaterThan($of('at a wall'), $of('in the room'));
        self::assertGreaterThan($of('in a corner'), $of('at a wall'));
    }

    /** By hand: 2,500 mAh ÷ 50 mA = 50 h; at 5 h a day 10 days; 30 days take 3 sets; 3 × 2 things × 4 cells = 24. */
    public function testCellsForASeason(): void
    {
        $answer = Reckon::sum(
            Sums::Batteries,
            ['capacity' => 2500, 'draw' => 50, 'hoursADay' => 5, 'days' => 30, 'devices' => 2, 'cellsEach' => 4, 'inDrawer' => 10],
        );

        self::assertSame(24, $answer->amount);
        self::assertSame(14, $answer->supplies[0]->missing);
    }

    /** NEC 210.20(A) once more, at one outlet: 20 A at 120 V bear 1,920 W for hours. */
    public function testAnOutletSaysWhatIsFreeAndALeadGoesRoundTheWall(): void
    {
        $answer = Reckon::sum(
            Sums::Sockets,
            [
                'amps' => 20,
                'lightStrands' => 3,
                'strandWatts' => 40,
                'lamps' => 2,
                'lampWatts' => 60,
                'alongWall' => Reckon::inches(120),
                'upWall' => Reckon::inches(24),
                'crosses' => 'a rug',
            ],
        );

        self::assertEqualsWithDelta(1920 - 240, Reckon::value($answer, 'outlet takes', 'free'), 1e-9);
        self::assertSame(15 * 12.0, Reckon::inchesOf($answer, 'lead', 'lead'), '12 ft and a tenth: the next lead is 15 ft');
        self::assertContains('under a rug', Reckon::codes($answer));
    }

    /** By hand: a box of 10 × 10 × 10 cm has four sides and a top, 500 cm²; ten of them twice at 10 m² a litre take 100 ml. */
    public function testPaintByAreaAndCoats(): void
    {
        $side = Length::ofMillimetres(100);
        $answer = Reckon::sum(
            Sums::Paint,
            [
                'painted' => 'boxed',
                'itemHeight' => $side,
                'itemWidth' => $side,
                'itemDepth' => $side,
                'items' => 10,
                'coats' => 2,
                'surface' => 'usual',
                'tin' => Volume::ofLitres(0.06),
            ],
        );

        self::assertEqualsWithDelta(0.1, self::volume($answer, 'paint', 'litres'), 1e-9);
        self::assertSame(2, $answer->amount);
    }

    public function testPaperIsTurnedWhicheverWayGivesMore(): void
    {
        $print = [
            'papered' => 'prints', 'itemWidth' => Length::ofMillimetres(203), 'itemHeight' => Length::ofMillimetres(303), 'items' => 7,
            'sheetWidth' => Length::ofMillimetres(600), 'sheetLength' => Length::ofMillimetres(700),
        ];

        // 200 × 300 mm out of 600 × 700 mm: 3 × 2 straight, 2 × 3 turned.
        self::assertSame(2, Reckon::sum(Sums::Wrap, $print)->amount);
        self::assertSame(6, Reckon::value(Reckon::sum(Sums::Wrap, $print), 'out of a sheet', 'each'));
    }

    private static function volume(Answer $answer, string $code, string $name): float
    {
        foreach ([...$answer->figures, ...$answer->working] as $said) {
            $value = $said->code === $code ? $said->values[$name] ?? null : null;
            if ($value instanceof Volume) {
                return $value->litres();
            }
        }

        throw new \LogicException("The answer does not say {$code}.");
    }
}
