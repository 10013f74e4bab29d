<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Coach;

use BrightCupboard\Core\Coach\Coach;
use BrightCupboard\Core\Coach\Dressing;
use BrightCupboard\Core\Coach\Fault;
use BrightCupboard\Core\Coach\Finding;
use BrightCupboard\Core\Coach\Judgement;
use BrightCupboard\Core\Coach\PlacedPiece;
use BrightCupboard\Core\Coach\Skyline;
use BrightCupboard\Core\Coach\Verdict;
use BrightCupboard\Core\Look\BalanceSchool;
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Measure\Size;
use BrightCupboard\Core\Stock\Hazard;
use BrightCupboard\Core\Stock\Material;
use BrightCupboard\Core\Stock\Piece;
use BrightCupboard\Core\Stock\PieceKind;
use BrightCupboard\Core\Stock\Posture;
use BrightCupboard\Core\Surface\KeepClear;
use BrightCupboard\Core\Surface\Layer;
use BrightCupboard\Core\Surface\SpotKind;
use BrightCupboard\Core\Surface\Stance;
use BrightCupboard\Tests\Core\Support\Make;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Marked figures are common practice of the trade; the flame distance is NFPA's candle safety guidance. */
final class CoachTest extends TestCase
{
    public function testMirroringASpotChangesNothingThatIsSymmetric(): void
    {
        $random = new Randomizer(new Mt19937(4));
        for ($run = 0; $run < 60; ++$run) {
            $dressing = $this->seededDressing($random);
            $mirrored = new Dressing(
                $dressing->spot,
                array_map(
                    static fn(PlacedPiece $p): PlacedPiece => new PlacedPiece(
                        $p->id,
                        $p->piece,
                        $p->count,
                        new Stance($dressing->spot->width->tenths() - $p->right, $p->layer, $p->raise),
                    ),
                    $dressing->placed,
                ),
            );

            self::assertEqualsWithDelta($dressing->moments()->imbalance(), $mirrored->moments()->imbalance(), 1e-9);
            self::assertSame($this->verdicts($dressing), $this->verdicts($mirrored));
        }
    }

    public function testScalingASpotLeavesTheRatiosAlone(): void
    {
        $random = new Randomizer(new Mt19937(6));
        foreach ([2, 3] as $k) {
            $dressing = $this->seededDressing($random);
            $spot = Make::spot(width: 60 * $k, depth: 10 * $k, clear: 30 * $k);
            $scaled = new Dressing($spot, array_map(static function (PlacedPiece $p) use ($k): PlacedPiece {
                $size = $p->piece->size;
                $piece = new Piece(
                    $p->piece->id,
                    $p->piece->name,
                    $p->piece->kind,
                    1,
                    new Size(
                        Length::ofTenths($size->width->tenths() * $k),
                        Length::ofTenths($size->depth->tenths() * $k),
                        Length::ofTenths($size->height->tenths() * $k),
                    ),
                    $p->piece->weight,
                    $p->piece->colours,
                    $p->piece->materials,
                    $p->piece->finish,
                    [],
                    [],
                );

                return new PlacedPiece($p->id, $piece, $p->count, new Stance($p->left * $k, $p->layer, $p->raise * $k));
            }, $dressing->placed));

            self::assertEqualsWithDelta($dressing->moments()->imbalance(), $scaled->moments()->imbalance(), 1e-9);
            foreach (['heights.levels', 'heights.neighbours', 'balance.sides', 'width.used', 'fit.physical'] as $code) {
                self::assertSame($this->verdicts($dressing)[$code] ?? null, $this->verdicts($scaled)[$code] ?? null, $code);
            }
        }
    }

    public function testABareSpotHasNothingToJudge(): void
    {
        self::assertSame([], (new Coach())->lookOver(new Dressing(Make::spot(), []), Make::judgement()));
    }

    /** A kettle takes the right 20 in of a counter of 60: what is dressed is 40 in wide, its middle at 20. */
    public function testAKettleAtOneEndLeavesTheRestToBeBalancedInItself(): void
    {
        $zone = [new KeepClear(Length::ofInches(40), Length::ofInches(60), 'the kettle')];
        $things = [Make::placed(Make::piece('a'), 5), Make::placed(Make::piece('b', height: 14), 16, Layer::Back), Make::placed(Make::piece('c'), 29)];
        $whole = new Dressing(Make::spot(), $things);
        $beside = new Dressing(Make::spot(keepClear: $zone), $things);
        $small = new Dressing(Make::spot(width: 40), $things);

        self::assertGreaterThan(0.8, $whole->moments()->imbalance());
        self::assertEqualsWithDelta($small->moments()->imbalance(), $beside->moments()->imbalance(), 1e-9);
        foreach (['balance.sides', 'width.used', 'fit.physical'] as $code) {
            self::assertSame($this->verdicts($small)[$code] ?? null, $this->verdicts($beside)[$code] ?? null, $code);
        }
        self::assertSame(Verdict::Good, $this->verdicts($beside)['balance.sides'] ?? null);
    }

    /** Odd groups, 1, 3 or 5 together (common practice); a gap over 3 in splits. */
    public function testOddGroupsAreGoodAndEvenOnesAreNot(): void
    {
        $at = static fn(float ...$lefts): Dressing => new Dressing(
            Make::spot(),
            array_map(
                static fn(float $left, int $i): PlacedPiece => Make::placed(Make::piece('p' . $i, height: 10 + 3 * $i), $left),
                $lefts,
                array_keys($lefts),
            ),
        );

        self::assertSame(Verdict::Good, $this->finding('groups.odd', $at(0, 7, 14))->verdict);
        self::assertSame([2], $this->finding('groups.odd', $at(0, 9))->figures['counts']);
        self::assertSame(Verdict::LookAgain, $this->finding('groups.odd', $at(0, 9))->verdict);
        self::assertSame([1, 1], $this->finding('groups.odd', $at(0, 9.1))->figures['counts']);
    }

    /** Large with medium, not large with small (common practice). */
    #[TestWith([20.0, 17.0, true])]
    #[TestWith([20.0, 17.1, false])]
    #[TestWith([20.0, 10.0, true])]
    #[TestWith([20.0, 9.9, false])]
    public function testNeighboursStepByHalfToEightyFivePercent(float $one, float $two, bool $isGood): void
    {
        $dressing = new Dressing(Make::spot(), [Make::placed(Make::piece('tall', height: $one), 10), Make::placed(Make::piece('low', height: $two), 20)]);

        self::assertSame($isGood, Verdict::Good === $this->finding('heights.neighbours', $dressing)->verdict);
    }

    public function testATallAMiddleAndALowMakeThreeLevelsAndARiserCanMakeOne(): void
    {
        $level = [Make::placed(Make::piece('a', height: 12), 0), Make::placed(Make::piece('b', height: 12), 10), Make::placed(Make::piece('c', height: 6), 20)];
        self::assertSame(Verdict::LookAgain, $this->finding('heights.levels', new Dressing(Make::spot(), $level))->verdict);

        $level[1] = Make::placed(Make::piece('b', height: 12), 10, raise: 3);
        self::assertEquals(
            array_map(Length::ofInches(...), [15, 12, 6]),
            $this->finding('heights.levels', new Dressing(Make::spot(), $level))->figures['levels'],
        );
    }

    public function testBalanceFollowsTheSchool(): void
    {
        $level = new Dressing(Make::spot(), [Make::placed(Make::piece('a'), 10), Make::placed(Make::piece('b'), 44)]);
        $heavy = new Dressing(Make::spot(), [Make::placed(Make::piece('a'), 0)]);

        self::assertSame(Verdict::Good, $this->finding('balance.sides', $level)->verdict);
        self::assertSame(
            ['right', Verdict::Fix],
            [$this->finding('balance.sides', $heavy)->figures['lighter'], $this->finding('balance.sides', $heavy)->verdict],
        );
        $offCentre = Make::judgement(Make::look(BalanceSchool::OffCentre));
        self::assertSame(Verdict::LookAgain, $this->finding('balance.sides', $level, $offCentre)->verdict);
    }

    /** A light one beside a heavy one in the middle is a beginning; two at one end are lopsided, and a third is judged by both sides. */
    public function testTwoAreMeasuredByWhereTheyAreHeaviestTogether(): void
    {
        $heavy = Make::placed(Make::piece('heavy', width: 12, height: 20), 24);
        $light = Make::piece('light', width: 4, height: 6);

        self::assertSame(Verdict::Good, $this->finding('balance.sides', new Dressing(Make::spot(), [$heavy, Make::placed($light, 40)]))->verdict);
        $lopsided = [Make::placed(Make::piece('heavy', width: 12, height: 20), 0), Make::placed($light, 14)];
        self::assertSame(Verdict::Fix, $this->finding('balance.sides', new Dressing(Make::spot(), $lopsided))->verdict);
        $three = [$heavy, Make::placed($light, 40), Make::placed(Make::piece('third', width: 4, height: 6), 46)];
        self::assertSame(Verdict::Fix, $this->finding('balance.sides', new Dressing(Make::spot(), $three))->verdict);
    }

    public function testDarkWeighsMoreThanPaleAndGlassLeast(): void
    {
        $weight = static fn(string $hex, Material $material): float => Make::placed(
            Make::piece('p', colours: [[$hex, 100]], materials: [$material]),
            0,
        )->visualWeight();

        self::assertGreaterThan($weight('#F0E7D4', Material::Clay), $weight('#2B2A28', Material::Clay));
        self::assertGreaterThan($weight('#2B2A28', Material::Glass), $weight('#F0E7D4', Material::Clay));
    }

    /** @return iterable<string, array{float, float, float, string, float|string}> left, height, depth in inches, the fault, by how many inches or why */
    public static function misfits(): iterable
    {
        yield 'over the edge' => [55, 10, 5, 'over the edge', 1.0];
        yield 'too tall' => [20, 31, 5, 'too tall', 1.0];
        yield 'too deep' => [20, 10, 10.5, 'too deep', 0.5];
        yield 'in the way' => [48, 10, 5, 'in the way', 'the flue'];
    }

    #[DataProvider('misfits')]
    public function testKnowsWhatDoesNotFitAndByHowMuch(float $left, float $height, float $depth, string $fault, float|string $by): void
    {
        $spot = Make::spot(keepClear: [new KeepClear(Length::ofInches(50), Length::ofInches(54), 'the flue')]);
        $finding = $this->finding('fit.physical', new Dressing($spot, [Make::placed(Make::piece('jug', height: $height, depth: $depth), $left)]));

        self::assertSame(Verdict::Fix, $finding->verdict);
        self::assertSame([$fault], array_map(static fn(Fault $one): string => $one->code, $finding->faults));
        self::assertEquals(\is_string($by) ? $by : Length::ofInches($by), $finding->faults[0]->values['by'] ?? $finding->faults[0]->values['reason']);
    }

    /** A runner of 100 in on a table of 40 by 30 in hangs down 30 in at both ends, one of 102 in lies on the floor by an inch. */
    #[TestWith([30.0, 100.0, null])]
    #[TestWith([30.0, 102.0, 1.0])]
    #[TestWith([2.0, 102.0, null])]
    public function testWhatFallsOverTheEndsMayReachTheFloorAndNotLieOnIt(float $high, float $length, ?float $by): void
    {
        $runner = Make::piece('runner', PieceKind::Runner, 14, 3, depth: 14, laidOut: $length);
        $left = (int) round((40 - $length) / 2 * Length::TENTHS_PER_INCH);
        $table = Make::spot(width: 40, depth: 24, clear: null, ledge: $high, kind: SpotKind::LowTable);
        $finding = $this->finding('fit.physical', new Dressing($table, [new PlacedPiece('at', $runner, 1, new Stance($left, posture: Posture::Lies))]));

        self::assertEquals(null === $by ? [] : [Length::ofInches($by)], array_map(static fn(Fault $one): mixed => $one->values['by'], $finding->faults));
    }

    public function testExactlyFittingFits(): void
    {
        $dressing = new Dressing(Make::spot(), [Make::placed(Make::piece('jug', width: 60, height: 30, depth: 10), 0)]);

        self::assertSame(Verdict::Good, $this->finding('fit.physical', $dressing)->verdict);
    }

    public function testTwoPiecesInOnePlaceNeedTwoLayers(): void
    {
        $one = Make::placed(Make::piece('one'), 10);
        self::assertSame(Verdict::Fix, $this->finding('fit.physical', new Dressing(Make::spot(), [$one, Make::placed(Make::piece('two'), 12)]))->verdict);
        self::assertSame(
            Verdict::Good,
            $this->finding('fit.physical', new Dressing(Make::spot(), [$one, Make::placed(Make::piece('two'), 12, Layer::Back)]))->verdict,
        );
    }

    /** 12 in from anything that can burn (NFPA), measured from the tip to the nearest point of the other's box. */
    #[TestWith([27.9, Verdict::Fix])]
    #[TestWith([28.0, Verdict::Good])]
    public function testAFlameKeepsTwelveInchesFromWhatBurns(float $left, Verdict $expected): void
    {
        $candle = Make::placed(
            Make::piece('candle', PieceKind::Candlestick, width: 4, height: 10, materials: [Material::Brass], hazards: [Hazard::OpenFlame]),
            14,
        );
        $branches = Make::placed(Make::piece('branches', PieceKind::Bunch, height: 20, materials: [Material::Dried]), $left);

        self::assertSame($expected, $this->finding('safety.flame', new Dressing(Make::spot(), [$candle, $branches]))->verdict);
    }

    public function testClayDoesNotBurnAndDepthCountsForTheFlame(): void
    {
        $candle = Make::placed(Make::piece('candle', PieceKind::Candlestick, materials: [Material::Brass], hazards: [Hazard::OpenFlame]), 10);
        $jug = Make::placed(Make::piece('jug'), 17);
        self::assertArrayNotHasKey('nearest', $this->finding('safety.flame', new Dressing(Make::spot(clear: null), [$candle, $jug]))->figures);

        $throw = Make::placed(Make::piece('throw', materials: [Material::Wool]), 10, Layer::Back);
        self::assertSame(
            Verdict::Fix,
            $this->finding('safety.flame', new Dressing(Make::spot(depth: 40), [$candle, $throw]))->verdict,
            'a third of 40 in, less half of the throw: 10.8 in',
        );
        self::assertSame(
            Verdict::Good,
            $this->finding('safety.flame', new Dressing(Make::spot(depth: 48), [$candle, $throw]))->verdict,
            'a third of 48 in, less half of the throw: 13.5 in',
        );
    }

    /** @return iterable<string, array{PieceKind, list<Material>, list<Hazard>, Verdict}> what stands 4 in beside a candle */
    public static function besideACandle(): iterable
    {
        yield 'greenery' => [PieceKind::Bunch, [Material::FauxGreenery], [], Verdict::Fix];
        yield 'of what, nobody has said' => [PieceKind::Vase, [], [], Verdict::Fix];
        yield 'a kind that is usually of wax' => [PieceKind::Pillar, [], [], Verdict::Good];
        yield 'another candle in wood' => [PieceKind::Candlestick, [Material::Wood], [Hazard::OpenFlame], Verdict::Good];
        yield 'another candle in greenery' => [PieceKind::Arrangement, [Material::FreshGreenery], [Hazard::OpenFlame], Verdict::Fix];
    }

    /** @param list<Material> $materials
     *  @param list<Hazard>   $hazards */
    #[DataProvider('besideACandle')]
    public function testWhatMayStandBesideACandle(PieceKind $kind, array $materials, array $hazards, Verdict $verdict): void
    {
        $candle = Make::placed(Make::piece('candle', PieceKind::Candlestick, materials: [Material::Brass], hazards: [Hazard::OpenFlame]), 10);
        $other = Make::placed(Make::piece('other', $kind, materials: $materials, hazards: $hazards), 20);

        self::assertSame($verdict, $this->finding('safety.flame', new Dressing(Make::spot(), [$candle, $other]))->verdict);
    }

    public function testGreeneryThatCarriesACandleBurns(): void
    {
        $centre = Make::placed(Make::piece('centre', PieceKind::Arrangement, materials: [Material::Dried], hazards: [Hazard::OpenFlame]), 10);

        self::assertSame('carries a flame', $this->finding('safety.flame', new Dressing(Make::spot(), [$centre]))->faults[0]->code);
    }

    public function testUsedWidthCountsEachStretchOnceAndFollowsTheMood(): void
    {
        $dressing = new Dressing(
            Make::spot(width: 40),
            [Make::placed(Make::piece('a', width: 12), 0), Make::placed(Make::piece('b', width: 12), 6, Layer::Back)],
        );

        self::assertSame(45, $this->finding('width.used', $dressing)->figures['percent']);
        self::assertSame(Verdict::Good, $this->finding('width.used', $dressing, Make::judgement(Make::look(mood: 0)))->verdict);
        self::assertSame(Verdict::LookAgain, $this->finding('width.used', $dressing, Make::judgement(Make::look(mood: 100)))->verdict);
    }

    public function testSkylineLeavesOutWhatATallerPieceHides(): void
    {
        $points = (new Skyline())->over(new Dressing(
            Make::spot(),
            [
                Make::placed(Make::piece('tall', width: 10, height: 20), 0, Layer::Back),
                Make::placed(Make::piece('low', width: 4, height: 6), 3),
                Make::placed(Make::piece('far', width: 6, height: 9), 30),
            ],
        ));

        self::assertSame([['x' => 1270, 'top' => 5080], ['x' => 8382, 'top' => 2286]], $points);
    }

    private function finding(string $code, Dressing $dressing, ?Judgement $by = null): Finding
    {
        foreach ((new Coach())->lookOver($dressing, $by ?? Make::judgement()) as $finding) {
            if ($finding->check->value === $code) {
                return $finding;
            }
        }
        self::fail("The coach said nothing of {$code}.");
    }

    /** @return array<string, Verdict> */
    private function verdicts(Dressing $dressing): array
    {
        $verdicts = [];
        foreach ((new Coach())->lookOver($dressing, Make::judgement()) as $finding) {
            $verdicts[$finding->check->value] = $finding->verdict;
        }
        ksort($verdicts);

        return $verdicts;
    }

    private function seededDressing(Randomizer $random): Dressing
    {
        $placed = [];
        for ($i = 0; $i < 5; ++$i) {
            $piece = Make::piece(
                'p' . $i,
                width: $random->getInt(3, 9),
                height: $random->getInt(5, 24),
                colours: [[vsprintf('#%02X%02X%02X', [$random->getInt(0, 255), $random->getInt(0, 255), $random->getInt(0, 255)]), 100]],
            );
            $placed[] = Make::placed($piece, $i * 12, Layer::cases()[$random->getInt(0, 2)]);
        }

        return new Dressing(Make::spot(), $placed);
    }
}
