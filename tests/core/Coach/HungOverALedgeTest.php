<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Coach;

use BrightCupboard\Core\Coach\Check;
use BrightCupboard\Core\Coach\Coach;
use BrightCupboard\Core\Coach\Dressing;
use BrightCupboard\Core\Coach\Finding;
use BrightCupboard\Core\Coach\PlacedPiece;
use BrightCupboard\Core\Coach\PlaceFinder;
use BrightCupboard\Core\Coach\PlaceSought;
use BrightCupboard\Core\Coach\Rule\PhysicalFit;
use BrightCupboard\Core\Draft\Available;
use BrightCupboard\Core\Draft\CandidateRanking;
use BrightCupboard\Core\Draft\Rearranging;
use BrightCupboard\Core\Draft\Remedies;
use BrightCupboard\Core\Draft\RemedyAct;
use BrightCupboard\Core\Draft\SpotRole;
use BrightCupboard\Core\Look\BalanceSchool;
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Stock\Hazard;
use BrightCupboard\Core\Stock\Material;
use BrightCupboard\Core\Stock\PieceKind;
use BrightCupboard\Core\Stock\Posture;
use BrightCupboard\Core\Stock\Season;
use BrightCupboard\Core\Surface\KeepClear;
use BrightCupboard\Core\Surface\Layer;
use BrightCupboard\Core\Surface\Spot;
use BrightCupboard\Core\Surface\SpotKind;
use BrightCupboard\Tests\Core\Support\Make;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Over a mantel, console or sideboard is wall, and what hangs there belongs to the spot (heights: common practice). */
final class HungOverALedgeTest extends TestCase
{
    public function testAMirrorIsHungSevenInchesOverTheLedgeWhenThatIsAskedFor(): void
    {
        $mirror = Make::piece('mirror', PieceKind::Mirror, 24, 30, depth: 1);
        $finder = new PlaceFinder();
        $leant = $finder->anywhere(new Dressing($this->mantel(), []), $mirror, 1, new PlaceSought());
        $hung = $finder->anywhere(new Dressing($this->mantel(), []), $mirror, 1, new PlaceSought(as: Posture::Hangs));

        self::assertSame([Posture::Leans, 0], [$leant->posture, $leant->raise]);
        self::assertEquals([Posture::Hangs, 7.0, 18.0], [$hung->posture, $hung->raise / 254, $hung->left / 254]);
    }

    public function testUnderALowCeilingItHangsAsHighAsItCan(): void
    {
        $stance = (new PlaceFinder())->anywhere(
            new Dressing(Make::spot(clear: 32), []),
            Make::piece('mirror', PieceKind::Mirror, 24, 30, depth: 1),
            1,
            new PlaceSought(as: Posture::Hangs),
        );

        self::assertEquals(2.0, $stance->raise / 254);
    }

    #[DataProvider('unhung')]
    public function testElsewhereNothingHangsOverASpot(SpotKind $kind, PieceKind $piece): void
    {
        self::assertFalse(Make::spot(kind: $kind)->takes($piece, Posture::Hangs));
    }

    /** @return iterable<string, array{SpotKind, PieceKind}> */
    public static function unhung(): iterable
    {
        yield 'a window is over a sill' => [SpotKind::WindowSill, PieceKind::Wreath];
        yield 'cupboards over a counter' => [SpotKind::CounterCorner, PieceKind::Picture];
        yield 'boards over a shelf' => [SpotKind::Shelf, PieceKind::Plate];
        yield 'nothing behind a table' => [SpotKind::DiningTable, PieceKind::Mirror];
        yield 'the wall over a sofa is a spot of its own' => [SpotKind::Sofa, PieceKind::Picture];
        yield 'and a row of hooks is no decor' => [SpotKind::Mantel, PieceKind::Hooks];
    }

    public function testWhatHangsOverItTakesNoRoomOnTheLedgeAndIsNoneOfTheGroup(): void
    {
        $below = [$this->at(PieceKind::Vase, 10, 8, 14), $this->at(PieceKind::Lantern, 26, 8, 10), $this->at(PieceKind::Bowl, 44, 10, 7)];
        $wreath = $this->hung(PieceKind::Wreath, 19, 22);
        $bare = new Dressing($this->mantel(), $below);
        $under = $bare->with($wreath);
        $figures = static fn(Dressing $dressing): array => array_column(array_map(
            static fn($finding): array => [$finding->check->value, $finding->figures],
            array_filter(
                (new Coach())->lookOver($dressing, Make::judgement()),
                static fn($finding): bool => \in_array($finding->check->value, ['width.used', 'heights.levels', 'heights.neighbours', 'groups.odd'], true),
            ),
        ), 1, 0);

        self::assertCount(4, $figures($bare));
        self::assertEquals($figures($bare), $figures($under));
        self::assertSame([], (new PhysicalFit())->faults($under));
        self::assertSame([$wreath], $under->hung());
        self::assertCount(4, $under->shown());
    }

    public function testItWeighsOnItsSideOfTheBalance(): void
    {
        $level = new Dressing($this->mantel(), [$this->at(PieceKind::Vase, 6, 8, 14, 'a'), $this->at(PieceKind::Jug, 46, 8, 14, 'b')]);

        self::assertEqualsWithDelta(0.0, $level->moments()->imbalance(), 1e-9);
        self::assertSame('left', $level->with($this->hung(PieceKind::Wreath, 36, 22))->moments()->lighterSide());
    }

    public function testAVaseAsDeepAsTheLedgeLeavesNothingForAWreathBehindIt(): void
    {
        $tall = $this->at(PieceKind::Vase, 24, 8, 16, depth: 9);
        $wreath = $this->hung(PieceKind::Wreath, 19, 22);
        $fit = new PhysicalFit();

        self::assertSame('same place', $fit->faults(new Dressing($this->mantel(), [$tall, $wreath]))[0]->code ?? '');
        self::assertSame([], $fit->faults(new Dressing($this->mantel(), [$this->at(PieceKind::Vase, 24, 8, 6, depth: 9), $wreath]))); // lower than it hangs
    }

    public function testTheStretchOfAKettleLeavesTheWallOverItFree(): void
    {
        $spot = $this->mantel(keepClear: [new KeepClear(Length::ofInches(30), Length::ofInches(60), 'the kettle')]);

        self::assertSame([], (new PhysicalFit())->faults(new Dressing($spot, [$this->hung(PieceKind::Wreath, 19, 22)])));
    }

    public function testItIsCarriedByNoBooksBelow(): void
    {
        $books = $this->at(PieceKind::Books, 24, 10, 4);
        $dressing = new Dressing($this->mantel(), [$books, $this->hung(PieceKind::Picture, 19, 22, 4)]);

        self::assertFalse($dressing->carrying()->isRiser($books));
        self::assertSame([], $dressing->carrying()->togetherWith($books->id));
    }

    public function testAWreathIsOfferedAsTheBackdropOfAMantelThatHasNone(): void
    {
        $wreath = new Available(Make::piece('wreath', PieceKind::Wreath, 22, 22, depth: 4), 1, 'in store');
        $dressing = new Dressing($this->mantel(), [$this->at(PieceKind::Vase, 10, 8, 14), $this->at(PieceKind::Bowl, 44, 10, 7)]);
        $first = (new CandidateRanking())->rank($dressing, [$wreath], Make::judgement(), Season::Winter, 3)->candidates[0] ?? self::fail('It goes there.');

        self::assertSame([SpotRole::Backdrop, true, Posture::Hangs], [$first->role, $first->isLacking, $first->stance->posture]);
        self::assertGreaterThanOrEqual(6 * 254, $first->stance->raise);
        self::assertLessThanOrEqual(8 * 254, $first->stance->raise);
    }

    public function testWhatIsPutUnderItIsNotTakenForSmallBesideIt(): void
    {
        $dressing = new Dressing($this->mantel(), [$this->hung(PieceKind::Mirror, 18, 24, 7, 30)]);
        $stance = (new PlaceFinder())->find($dressing, Make::piece('jug', PieceKind::Jug, 7, 12));

        self::assertSame(Layer::Middle, $stance?->layer); // and not in front, as what is a third of the tallest
    }

    public function testOneThatHangsTooHighIsHungLowerByARemedy(): void
    {
        $dressing = new Dressing($this->mantel(), [$this->hung(PieceKind::Mirror, 18, 24, 16), $this->at(PieceKind::Vase, 6, 8, 14)]);
        $remedies = array_filter(
            (new Remedies())->find($dressing, [], Make::judgement()),
            static fn($remedy): bool => 'hang.height' === $remedy->answers->value && RemedyAct::Shift === $remedy->act,
        );
        $stance = array_values($remedies)[0]->piece->stance ?? self::fail('It can be hung lower.');

        self::assertEquals([Posture::Hangs, 7.0], [$stance->posture, $stance->raise / 254]);
    }

    public function testPutAnewByTheOtherSchoolItStaysOnItsHook(): void
    {
        $mirror = $this->hung(PieceKind::Mirror, 18, 24);
        $dressing = new Dressing($this->mantel(), [$mirror, $this->at(PieceKind::Vase, 6, 8, 14), $this->at(PieceKind::Bowl, 20, 10, 7)]);
        foreach (BalanceSchool::cases() as $school) {
            $after = (new Rearranging())->by($dressing, $school);
            self::assertSame([], $after->leftOut);
            self::assertEquals($mirror->stance, $after->dressing->hung()[0]->stance ?? null);
        }
    }

    public function testCopiedToALedgeItHangsAndToAShelfItLeans(): void
    {
        $dressing = new Dressing($this->mantel(), [$this->hung(PieceKind::Picture, 21, 18)]);
        $onto = static fn(Spot $spot): ?PlacedPiece => (new Rearranging())->onto($dressing, $spot, BalanceSchool::Centred)->dressing->placed[0] ?? null;
        $console = $onto(Make::spot(width: 40, depth: 12, clear: null, ledge: 30, kind: SpotKind::Console));
        $shelf = $onto(Make::spot(width: 40, depth: 12, clear: 20, ledge: 30, kind: SpotKind::Shelf));

        self::assertEquals([Posture::Hangs, 7 * 254, 11.0], [$console?->posture, $console?->raise, ($console->left ?? 0) / 254]);
        self::assertSame([Posture::Leans, 0], [$shelf?->posture, $shelf?->raise]);
    }

    public function testAskedForWhereNothingIsFreeItHangsAtItsHeightAllTheSame(): void
    {
        $dressing = new Dressing($this->mantel(), [$this->hung(PieceKind::Wreath, 19, 22)]);
        $mirror = Make::piece('mirror', PieceKind::Mirror, 30, 30, depth: 1);
        $stance = (new PlaceFinder())->anywhere($dressing, $mirror, 1, new PlaceSought(as: Posture::Hangs));

        self::assertNull((new PlaceFinder())->best($dressing, $mirror, new PlaceSought(as: Posture::Hangs), 1)[0] ?? null);
        self::assertEquals([Posture::Hangs, 7.0, 15.0], [$stance->posture, $stance->raise / 254, $stance->left / 254]);
    }

    public function testStockingsHangUnderWhatStandsOnTheMantel(): void
    {
        $stocking = $this->stocking(20);
        $vase = $this->at(PieceKind::Vase, 18, 10, 14, depth: 9);
        $candleOf = static fn(float $height): PlacedPiece => Make::placed(
            Make::piece('p', PieceKind::Pillar, 4, $height, materials: [Material::Wax], hazards: [Hazard::OpenFlame], depth: 4),
            22,
        );
        $faults = static fn(float $height): array => array_column(array_filter(
            (new Coach())->lookOver(new Dressing(Make::spot(clear: null), [$stocking, $candleOf($height)]), Make::judgement()),
            static fn(Finding $one): bool => Check::Flame === $one->check,
        ), 'faults');

        self::assertSame([], (new PhysicalFit())->faults(new Dressing($this->mantel(), [$stocking, $vase])));
        self::assertTrue((new PhysicalFit())->isFree($candleOf(8), new Dressing($this->mantel(), [$stocking])));
        self::assertSame('same place', (new PhysicalFit())->faults(new Dressing($this->mantel(), [$stocking, $this->stocking(24)]))[0]->code ?? '');
        self::assertSame(
            [1, 0],
            [\count($faults(8)[0] ?? []), \count($faults(13)[0] ?? [])],
            'cloth that hangs from the edge is as far under the tip as the candle is high',
        );
    }

    public function testBesideAKettleAMirrorIsCentredOnTheWholeAndPullsToNoSide(): void
    {
        $spot = $this->mantel([new KeepClear(Length::ofInches(40), Length::ofInches(60), 'the kettle')]);
        $stance = (new PlaceFinder())->anywhere(
            new Dressing($spot, []),
            Make::piece('mirror', PieceKind::Mirror, 24, 30, depth: 1),
            1,
            new PlaceSought(as: Posture::Hangs),
        );
        $level = new Dressing($spot, [$this->at(PieceKind::Vase, 6, 8, 14, 'a'), $this->at(PieceKind::Jug, 26, 8, 14, 'b')]);
        $under = $level->with(new PlacedPiece('mirror', Make::piece('mirror', PieceKind::Mirror, 24, 30, depth: 1), 1, $stance));

        self::assertEquals(18.0, $stance->left / 254);
        self::assertEqualsWithDelta(0.0, $under->moments()->imbalance(), 1e-9);
    }

    public function testAStockingHangsInTheMiddleOfTheEdgeUnderAWreathAndBesideTheFlue(): void
    {
        $spot = $this->mantel([new KeepClear(Length::ofInches(0), Length::ofInches(8), 'the flue')]);
        $stocking = Make::piece('stocking', PieceKind::Stocking, 8, 18, depth: 3);
        $first = (new PlaceFinder())->find(new Dressing($spot, [$this->hung(PieceKind::Wreath, 23, 22)]), $stocking);
        $next = (new PlaceFinder())->find(new Dressing($spot, [$this->hung(PieceKind::Wreath, 23, 22), $this->stocking(24)]), $stocking);

        self::assertEquals(30.0, ($first->left ?? 0) / 254); // the middle of 8 to 60, less half of it
        self::assertEquals(42.0, ($next->left ?? 0) / 254); // in the wider gap, from 32 to 60
    }

    /** @param list<KeepClear> $keepClear */
    private function mantel(array $keepClear = []): Spot
    {
        return Make::spot(width: 60, depth: 10, clear: 48, keepClear: $keepClear);
    }

    private function at(PieceKind $kind, float $left, float $width, float $height, ?string $id = null, float $depth = 5): PlacedPiece
    {
        return Make::placed(Make::piece($id ?? $kind->value, $kind, $width, $height, depth: $depth), $left);
    }

    private function stocking(float $left): PlacedPiece
    {
        $piece = Make::piece("stocking {$left}", PieceKind::Stocking, 8, 18, materials: [Material::Cotton], depth: 3);

        return Make::placed($piece, $left, Layer::Front, posture: Posture::Hangs);
    }

    private function hung(PieceKind $kind, float $left, float $width, float $raise = 7, ?float $height = null): PlacedPiece
    {
        return Make::placed(
            Make::piece($kind->value, $kind, $width, $height ?? $width, depth: PieceKind::Wreath === $kind ? 4 : 1),
            $left,
            Layer::Back,
            $raise,
            posture: Posture::Hangs,
        );
    }
}
