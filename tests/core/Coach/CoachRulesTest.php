<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Coach;

use BrightCupboard\Core\Coach\CoachRule;
use BrightCupboard\Core\Coach\Dressing;
use BrightCupboard\Core\Coach\PlacedPiece;
use BrightCupboard\Core\Coach\Rule\Air;
use BrightCupboard\Core\Coach\Rule\HeightLevels;
use BrightCupboard\Core\Coach\Rule\LookFit;
use BrightCupboard\Core\Coach\Rule\MetalOnBoards;
use BrightCupboard\Core\Coach\Rule\MirrorFree;
use BrightCupboard\Core\Coach\Rule\OddGroups;
use BrightCupboard\Core\Coach\Rule\OneLeads;
use BrightCupboard\Core\Coach\Rule\SideBalance;
use BrightCupboard\Core\Coach\Rule\TextureMix;
use BrightCupboard\Core\Coach\Rule\WallContrast;
use BrightCupboard\Core\Coach\Verdict;
use BrightCupboard\Core\Colour\Srgb;
use BrightCupboard\Core\Look\BalanceSchool;
use BrightCupboard\Core\Look\Look;
use BrightCupboard\Core\Look\Resting;
use BrightCupboard\Core\Look\Ribbon;
use BrightCupboard\Core\Look\RibbonRole;
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Stock\Material;
use BrightCupboard\Core\Stock\PieceKind;
use BrightCupboard\Core\Stock\Posture;
use BrightCupboard\Core\Surface\Layer;
use BrightCupboard\Core\Surface\Layout;
use BrightCupboard\Core\Surface\Spot;
use BrightCupboard\Core\Surface\SpotKind;
use BrightCupboard\Tests\Core\Support\Make;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/**
 * The edges of single rules. Three families from four pieces, odd groups and the share of a ledge that is used are
 * common practice; the limits of balance are own.
 */
final class CoachRulesTest extends TestCase
{
    /** @return iterable<string, array{list<Material>, Verdict|null, list<string>}> one piece of each material, verdict, families */
    public static function mixes(): iterable
    {
        yield 'three pieces are too few to ask' => [[Material::Wood, Material::Wood, Material::Wood], null, []];
        yield 'four of one family' => [[Material::Clay, Material::Stone, Material::Porcelain, Material::Stoneware], Verdict::LookAgain, ['clay and stone']];
        yield 'two families' => [[Material::Reed, Material::Jute, Material::Brass, Material::Iron], Verdict::LookAgain, ['woven', 'metal']];
        yield 'three families' => [[Material::Reed, Material::Jute, Material::Brass, Material::Glass], Verdict::Good, ['woven', 'metal', 'glass and mirror']];
    }

    /**
     * @param list<Material> $materials
     * @param list<string>   $families
     */
    #[DataProvider('mixes')]
    public function testFourPiecesWantThreeFamiliesOfTexture(array $materials, ?Verdict $verdict, array $families): void
    {
        $placed = array_map(
            static fn(Material $material, int $i): PlacedPiece => Make::placed(Make::piece("p{$i}", height: 8 + 2 * $i, materials: [$material]), 8 * $i),
            $materials,
            array_keys($materials),
        );
        $finding = (new TextureMix())->check(new Dressing(Make::spot(), $placed), Make::judgement());

        self::assertSame($verdict, $finding?->verdict);
        self::assertSame($families, $finding->figures['families'] ?? []);
    }

    /**
     * What is free of a mirror of 20 x 20 in, by hand: two boxes that overlap cover 6 x 10 + 10 x 14 of its 400 square
     * inches, what is seen through and what stands beside or on another board nothing.
     */
    public function testWhatStandsBeforeAMirrorIsCountedOnceWhereItOverlaps(): void
    {
        $mirror = Make::placed(Make::piece('mirror', PieceKind::Mirror, 20, 20, depth: 1), 20, Layer::Back, posture: Posture::Leans);
        $two = [Make::placed(Make::piece('low', width: 12, height: 10), 16), Make::placed(Make::piece('tall', width: 10, height: 14), 26)];
        $beside = Make::placed(Make::piece('beside', width: 10, height: 30), 45);
        $glass = Make::placed(Make::piece('glass', PieceKind::StormGlass, 20, 20, materials: [Material::Glass]), 20);
        $above = Make::placed(Make::piece('above', width: 20, height: 20), 20, tier: 1);
        $lifted = Make::placed(Make::piece('lifted', width: 4, height: 5), 20, Layer::Front, 12);
        $free = static fn(PlacedPiece ...$before): mixed => (new MirrorFree())->check(
            new Dressing(Make::spot(), [$mirror, ...array_values($before)]),
            Make::judgement(),
        )?->figures['percent'];

        self::assertSame(100, $free());
        self::assertSame(100, $free($beside, $glass, $above));
        self::assertSame(80, $free($two[0]));
        self::assertSame(50, $free(...$two));
        self::assertSame(45, $free(...$two, ...[$lifted]));
    }

    /** @param list<float> $lefts */
    #[TestWith([[4.0, 66.0], null])]
    #[TestWith([[4.0, 20.0], Verdict::LookAgain])]
    #[TestWith([[4.0, 19.0, 34.0], Verdict::Good])]
    public function testCushionsGoInPairsOrGatheredInOddNumbers(array $lefts, ?Verdict $verdict): void
    {
        $sofa = Make::spot(width: 84, depth: 22, clear: null, ledge: 17, kind: SpotKind::Sofa);
        $cushions = array_map(
            static fn(float $left): PlacedPiece => DressedSpots::at(PieceKind::Cushion, $left, 14, 14, posture: Posture::Sits, id: "cushion-{$left}"),
            $lefts,
        );

        self::assertSame($verdict, (new OddGroups())->check(new Dressing($sofa, $cushions), Make::judgement())?->verdict);
    }

    /** What is put on a seat or a table is seen against its cover or top, where its colour is known. */
    #[TestWith([null, null])]
    #[TestWith(['#8B8E8E', Verdict::LookAgain])]
    #[TestWith(['#1F2E4F', Verdict::Good])]
    public function testCushionsStandOutFromTheirSofa(?string $cover, ?Verdict $verdict): void
    {
        $of = Make::spot(width: 84, depth: 22, clear: null, ledge: 17, kind: SpotKind::Sofa);
        $sofa = new Spot(
            $of->id,
            $of->name,
            $of->kind,
            $of->width,
            $of->depth,
            $of->ledgeHeight,
            null,
            $of->seenFrom,
            [],
            $of->wall,
            [],
            cover: null === $cover ? null : Srgb::ofHex($cover),
        );
        $cushion = DressedSpots::at(PieceKind::Cushion, 4, 18, 18, posture: Posture::Sits, hex: '#8C8F8E');
        $finding = (new WallContrast())->check(new Dressing($sofa, [$cushion]), Make::judgement());

        self::assertSame([$verdict, null === $verdict ? null : 'sofa'], [$finding?->verdict, $finding?->figures['behind'] ?? null]);
    }

    /**
     * @param list<string>   $colours of two pieces on each board
     * @param list<int>|null $boards  those without, counted from one; null where nothing is asked
     */
    #[TestWith([['#B08D3F', '#F0E7D4', '#F0E7D4', '#F0E7D4'], [2]])]
    #[TestWith([['#B08D3F', '#F0E7D4', '#F0E7D4', '#B08D3F'], []])]
    #[TestWith([['#F0E7D4', '#F0E7D4', '#F0E7D4', '#F0E7D4'], null])]
    public function testWhereABoardHasMetalEveryBoardHas(array $colours, ?array $boards): void
    {
        $look = new Look('Brass', [
            new Ribbon('Tallow', Srgb::ofHex('#F0E7D4'), RibbonRole::Base, 80),
            new Ribbon('Brass', Srgb::ofHex('#B08D3F'), RibbonRole::Metal, 20),
        ], [], new Resting([], []), 50, BalanceSchool::Centred);
        $hutch = Make::spot(width: 40, depth: 12, clear: 14, kind: SpotKind::Hutch, layout: new Layout([Length::ofInches(14), Length::ofInches(14)]));
        $placed = array_map(static fn(int $i, string $hex): PlacedPiece => DressedSpots::at(
            PieceKind::Vase,
            0 === $i % 2 ? 4 : 28,
            6,
            9,
            tier: intdiv($i, 2),
            hex: $hex,
            id: "vase-{$i}",
        ), array_keys($colours), $colours);
        $finding = (new MetalOnBoards())->check(new Dressing($hutch, $placed), Make::judgement($look));

        self::assertSame($boards, null === $finding ? null : array_column(array_column($finding->faults, 'values'), 'board'));
    }

    public function testAWallOfPlatesHasNoLeaderOnPurpose(): void
    {
        $wall = Make::spot(width: 60, depth: 4, clear: 60, ledge: 30, kind: SpotKind::Wall);
        $hung = static fn(PieceKind $kind, float $left, string $id): PlacedPiece => DressedSpots::at(
            $kind,
            $left,
            10,
            10,
            layer: Layer::Back,
            depth: 1,
            raise: 25,
            posture: Posture::Hangs,
            id: $id,
        );
        $plates = [$hung(PieceKind::Plate, 5, 'a'), $hung(PieceKind::Plate, 25, 'b'), $hung(PieceKind::Plate, 45, 'c')];

        self::assertNull((new OneLeads())->check(new Dressing($wall, $plates), Make::judgement()));
        $plates[1] = $hung(PieceKind::Mirror, 25, 'b');
        self::assertSame(Verdict::LookAgain, (new OneLeads())->check(new Dressing($wall, $plates), Make::judgement())?->verdict);
    }

    /** The fit of a spot is that of what is seen: a large piece in the look outweighs a small one out of it, by their faces. */
    public function testTheFitOfASpotIsWeighedByFaces(): void
    {
        $wreath = Make::placed(Make::piece('wreath', width: 20, height: 20), 0);
        $toy = Make::placed(Make::piece('toy', width: 4, height: 5, colours: [['#FF00FF', 100]]), 30);
        $finding = (new LookFit())->check(new Dressing(Make::spot(), [$wreath, $toy]), Make::judgement());

        self::assertSame([Verdict::Good, 95], [$finding?->verdict, $finding?->figures['score']]); // 400 of 420 square inches
        $finding = (new LookFit())->check(new Dressing(Make::spot(), [$toy, Make::placed(Make::piece('jug', width: 4, height: 5), 40)]), Make::judgement());
        self::assertSame([50, 0, ['at-toy']], [$finding?->figures['score'], $finding?->faults[0]->values['score'], $finding?->placements()]);
    }

    #[TestWith([0, 0.34, Verdict::LookAgain])]
    #[TestWith([0, 0.35, Verdict::Good])]
    #[TestWith([0, 0.60, Verdict::Good])]
    #[TestWith([0, 0.61, Verdict::LookAgain])]
    #[TestWith([100, 0.54, Verdict::LookAgain])]
    #[TestWith([100, 0.55, Verdict::Good])]
    #[TestWith([100, 0.85, Verdict::Good])]
    #[TestWith([100, 0.86, Verdict::LookAgain])]
    #[TestWith([0, 1.00, Verdict::Fix])]
    #[TestWith([100, 0.10, Verdict::LookAgain])]
    public function testTheLedgeIsUsedByTheMood(int $mood, float $part, Verdict $verdict): void
    {
        $half = static fn(string $id, float $left): PlacedPiece => Make::placed(Make::piece($id, width: 50 * $part), $left);
        $dressing = new Dressing(Make::spot(width: 100), [$half('one', 0), $half('two', 50 * $part)]);

        self::assertSame($verdict, (new Air())->check($dressing, Make::judgement(Make::look(mood: $mood)))?->verdict);
    }

    #[TestWith([10.0, 8.5, 2])]
    #[TestWith([10.0, 8.6, 1])]
    #[TestWith([10.0, 10.0, 1])]
    public function testTwoTopsAreTwoLevelsFifteenPercentApart(float $one, float $two, int $levels): void
    {
        $dressing = new Dressing(Make::spot(), [Make::placed(Make::piece('a', height: $one), 0), Make::placed(Make::piece('b', height: $two), 20)]);

        self::assertSame($levels, \count((array) ((new HeightLevels())->check($dressing, Make::judgement())->figures['levels'] ?? [])));
    }

    public function testUnitsOfOnePieceCountInItsGroup(): void
    {
        $tapers = Make::placed(Make::piece('tapers', PieceKind::Candlestick, count: 2), 10, count: 2);
        $three = new Dressing(Make::spot(), [$tapers, Make::placed(Make::piece('jug', height: 6), 23)]);
        $four = new Dressing(Make::spot(), [$tapers, Make::placed(Make::piece('jugs', height: 6, count: 2), 23, count: 2)]);

        self::assertSame(
            [Verdict::Good, Verdict::LookAgain],
            [(new OddGroups())->check($three, Make::judgement())?->verdict, (new OddGroups())->check($four, Make::judgement())?->verdict],
        );
    }

    /** What lies under the others, such as a runner, makes no level and counts in no group. */
    #[TestWith([new HeightLevels()])]
    #[TestWith([new OddGroups()])]
    public function testWhatLiesUnderTheOthersIsNotCounted(CoachRule $rule): void
    {
        $one = [Make::placed(Make::piece('jug'), 10), Make::placed(Make::piece('vase', height: 14), 18), Make::placed(Make::piece('bowl', height: 5), 26)];
        $runner = Make::placed(Make::piece('runner', PieceKind::Runner, width: 50, height: 1), 0);

        self::assertEquals(
            $rule->check(new Dressing(Make::spot(), $one), Make::judgement()),
            $rule->check(new Dressing(Make::spot(), [...$one, $runner]), Make::judgement()),
        );
    }

    #[TestWith([BalanceSchool::Centred, 27.0, Verdict::Good])]
    #[TestWith([BalanceSchool::Centred, 10.0, Verdict::Fix])]
    #[TestWith([BalanceSchool::OffCentre, 27.0, null])]
    public function testOnePieceAloneIsNeverDeadCentre(BalanceSchool $school, float $left, ?Verdict $verdict): void
    {
        $dressing = new Dressing(Make::spot(), [Make::placed(Make::piece('jug'), $left)]);

        self::assertSame($verdict, (new SideBalance())->check($dressing, Make::judgement(Make::look($school)))?->verdict);
    }
}
