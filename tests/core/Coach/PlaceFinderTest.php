<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Coach;

use BrightCupboard\Core\Coach\Dressing;
use BrightCupboard\Core\Coach\PlacedPiece;
use BrightCupboard\Core\Coach\PlaceFinder;
use BrightCupboard\Core\Coach\PlaceSought;
use BrightCupboard\Core\Look\BalanceSchool;
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Stock\PieceKind;
use BrightCupboard\Core\Stock\Posture;
use BrightCupboard\Core\Surface\Layer;
use BrightCupboard\Core\Surface\Layout;
use BrightCupboard\Core\Surface\SpotKind;
use BrightCupboard\Core\Surface\Stance;
use BrightCupboard\Tests\Core\Support\Make;
use PHPUnit\Framework\TestCase;

/** Where things are put by habit on each form; the heights and halves are common practice. Lengths in inches. */
final class PlaceFinderTest extends TestCase
{
    public function testThePieceThatStandsAloneStandsInTheMiddleOrAtAThird(): void
    {
        $vase = DressedSpots::at(PieceKind::Vase, 0, 6, 12);

        self::assertSame(27.0, $this->left($this->find(new Dressing(Make::spot(), []), $vase)));
        $centre = $this->left($this->find(new Dressing(Make::spot(), []), $vase, BalanceSchool::OffCentre)) + 3;
        self::assertEqualsWithDelta(30 * 0.33, abs($centre - 30), 3.0);
    }

    public function testAWreathOnADoorHangsInTheMiddleAtItsHeight(): void
    {
        $door = Make::spot(width: 36, depth: 4, clear: 80, ledge: 0, kind: SpotKind::Door);
        $stance = $this->find(new Dressing($door, []), DressedSpots::at(PieceKind::Wreath, 0, 22, 22));

        self::assertEquals([7.0, 50.5, Posture::Hangs], [$this->left($stance), $stance->raise / 254, $stance->posture]); // its middle at 61.5
    }

    public function testAPictureHangsSevenInchesOverTheSofa(): void
    {
        $wall = Make::spot(
            width: 96,
            depth: 4,
            clear: 70,
            ledge: 20,
            kind: SpotKind::Wall,
            layout: new Layout(belowWidth: Length::ofInches(84), belowTop: Length::ofInches(33)),
        );
        $stance = $this->find(new Dressing($wall, []), DressedSpots::at(PieceKind::Picture, 0, 30, 24, depth: 1));

        self::assertEqualsWithDelta(33 + 7 - 20, $stance->raise / 254, 0.01);
    }

    public function testASecondPictureHangsBesideTheFirstOnOneMiddleLine(): void
    {
        $wall = Make::spot(width: 96, depth: 4, clear: 70, ledge: 20, kind: SpotKind::Wall);
        $first = DressedSpots::at(PieceKind::Picture, 30, 20, 24, depth: 1, raise: 26, posture: Posture::Hangs, id: 'first');
        $stance = $this->find(new Dressing($wall, [$first]), DressedSpots::at(PieceKind::Picture, 0, 16, 16, depth: 1, id: 'second'));

        self::assertEquals([52.5, 30.0], [$this->left($stance), $stance->raise / 254]);
    }

    /** A mirror, a picture, a plate or a clock leans on a ledge by habit, and hangs on a wall. */
    public function testOnAWallWhatCanHangDoes(): void
    {
        $wall = Make::spot(width: 60, depth: 4, clear: 40, ledge: 40, kind: SpotKind::Wall);
        foreach ([PieceKind::Mirror, PieceKind::Picture, PieceKind::Plate, PieceKind::Clock, PieceKind::Sign] as $kind) {
            $stance = (new PlaceFinder())->find(new Dressing($wall, []), Make::piece('it', $kind, 20, 14, depth: 1));
            self::assertSame(Posture::Hangs, $stance?->posture, $kind->value);
            self::assertSame(Posture::Hangs, $wall->postureOf($kind));
        }
        self::assertSame(Posture::Leans, Make::spot()->postureOf(PieceKind::Mirror));
    }

    /** A mirror of 28 in fills most of a wall of 60 by 40 in: neither above nor below it is room, and nothing is offered into the bed. */
    public function testNothingIsHungBelowTheWall(): void
    {
        $wall = Make::spot(
            width: 60,
            depth: 4,
            clear: 40,
            ledge: 40,
            kind: SpotKind::Wall,
            layout: new Layout(belowWidth: Length::ofInches(60), belowTop: Length::ofInches(46)),
        );
        $dressing = new Dressing($wall, [Make::placed(Make::piece('mirror', PieceKind::Mirror, 28, 28, depth: 1), 16, Layer::Back, 12, 1, 0, Posture::Hangs)]);
        foreach ([[40, 30], [10, 8], [20, 12]] as [$width, $height]) {
            foreach ((new PlaceFinder())->best(
                $dressing,
                Make::piece('it', PieceKind::Picture, $width, $height, depth: 1),
                new PlaceSought(),
                9,
            ) as $stance) {
                self::assertGreaterThanOrEqual(0, $stance->raise, "{$width} by {$height}");
                self::assertLessThanOrEqual(40, $stance->raise / 254 + $height);
            }
        }
        self::assertNull((new PlaceFinder())->find($dressing, Make::piece('it', PieceKind::Picture, 40, 30, depth: 1)));
    }

    public function testGarlandsLieEndToEndAndTheOneTooManyFindsNoPlace(): void
    {
        $rail = Make::spot(width: 144, depth: 4, clear: null, kind: SpotKind::StairRail);
        $one = DressedSpots::at(PieceKind::Garland, 0, 72, 6, id: 'one');
        $two = DressedSpots::at(PieceKind::Garland, 72, 72, 6, id: 'two');
        $next = DressedSpots::at(PieceKind::Garland, 0, 72, 6, id: 'next');

        self::assertSame(72.0, $this->left($this->find(new Dressing($rail, [$one]), $next)));
        self::assertNull((new PlaceFinder())->find(new Dressing($rail, [$one, $two]), $next->piece));
    }

    /** 20 in of 40: at an end it would be neither gathered nor mirrored. */
    public function testOneCushionGoesInTheMiddleWhereTwoHaveNoRoom(): void
    {
        $bench = Make::spot(width: 40, depth: 18, clear: null, ledge: 19, kind: SpotKind::Bench);
        $stance = (new PlaceFinder())->find(new Dressing($bench, []), Make::piece('cushion', PieceKind::Cushion, 20, 20));

        self::assertSame(10 * 254, $stance?->left);
    }

    public function testTwoCushionsGoToTheTwoEndsOfASofa(): void
    {
        $sofa = Make::spot(width: 84, depth: 22, clear: null, ledge: 17, kind: SpotKind::Sofa);
        $first = $this->find(new Dressing($sofa, []), DressedSpots::at(PieceKind::Cushion, 0, 18, 18));
        $there = new PlacedPiece('first', Make::piece('first', PieceKind::Cushion, 18, 18), 1, $first);
        $second = $this->find(new Dressing($sofa, [$there]), DressedSpots::at(PieceKind::Cushion, 0, 18, 18, id: 'second'));

        self::assertEqualsWithDelta(42, ($this->left($first) + $this->left($second) + 18) / 2, 1.0, 'mirrored about the middle');
        self::assertGreaterThan(30, abs($this->left($first) - $this->left($second)));
    }

    public function testStemsGoIntoTheVaseAndOtherwiseLieOnTheLedge(): void
    {
        $stems = DressedSpots::at(PieceKind::Bunch, 0, 8, 18);
        $vase = DressedSpots::at(PieceKind::Vase, 40, 6, 10);
        $in = $this->find(new Dressing(Make::spot(), [$vase]), $stems);

        self::assertSame([39.0, Posture::Fills], [$this->left($in), $in->posture]);
        self::assertSame(Posture::Lies, $this->find(new Dressing(Make::spot(depth: 12), []), $stems)->posture);
    }

    public function testATreeIsTrimmedFromBandToBandAndStarsSitOnTop(): void
    {
        $corner = Make::spot(width: 54, depth: 54, clear: 96, ledge: 0, kind: SpotKind::Tree);
        $dressing = new Dressing($corner, [DressedSpots::at(PieceKind::Tree, 6, 42, 84, depth: 42)]);
        $bands = [];
        for ($i = 0; $i < 15; ++$i) {
            $bauble = Make::piece('bauble-' . $i, PieceKind::Bauble, 3, 3);
            $stance = (new PlaceFinder())->find($dressing, $bauble) ?? self::fail('A tree takes fifteen baubles.');
            $bands[$stance->tier] = ($bands[$stance->tier] ?? 0) + 1;
            $dressing = $dressing->with(new PlacedPiece($bauble->id, $bauble, 1, $stance));
        }
        ksort($bands);

        self::assertSame([5, 4, 3, 2, 1], $bands, 'as many as each band is broad');
    }

    public function testAHutchIsFilledWhereThereIsRoom(): void
    {
        $hutch = Make::spot(width: 20, depth: 12, clear: 12, kind: SpotKind::Hutch, layout: new Layout([Length::ofInches(8), Length::ofInches(16)]));

        self::assertSame(1, $this->find(new Dressing($hutch, []), DressedSpots::at(PieceKind::Vase, 0, 8, 14))->tier, 'too tall for the lower board');
    }

    public function testWhatStandsOneBeforeTheOtherHasRoomInDepth(): void
    {
        $wide = DressedSpots::at(PieceKind::Box, 0, 60, 10, depth: 6);

        self::assertNull(
            (new PlaceFinder())->find(new Dressing(Make::spot(width: 60, depth: 8), [$wide]), Make::piece('jug', PieceKind::Jug, depth: 5)),
            '6 and 5 in on 8 in',
        );
        $stance = (new PlaceFinder())->find(new Dressing(Make::spot(width: 60, depth: 12), [$wide]), Make::piece('jug', PieceKind::Jug, depth: 5));
        self::assertContains($stance?->layer, [Layer::Front, Layer::Back], '6 and 5 in on 12 in');
    }

    /** The bands are those of the tree that stands there, however high the ceiling is. */
    public function testALittleTreeInAHighCornerIsTrimmedOnItself(): void
    {
        $corner = Make::spot(width: 40, depth: 30, clear: 96, ledge: 0, kind: SpotKind::Tree);
        $tree = DressedSpots::at(PieceKind::Tree, 4, 18, 36, depth: 18);
        $dressing = new Dressing($corner, [$tree]);
        for ($i = 0; $i < 10; ++$i) {
            $bauble = DressedSpots::at(PieceKind::Bauble, 0, 2, 2, depth: 2, id: "bauble-{$i}");
            $dressing = $dressing->with($bauble->put($this->find($dressing, $bauble)));
        }
        $star = DressedSpots::at(PieceKind::Star, 0, 6, 6, depth: 1, id: 'star');
        $dressing = $dressing->with($star->put($this->find($dressing, $star)));
        $lefts = [];
        foreach ($dressing->placed as $one) {
            if (PieceKind::Bauble === $one->piece->kind) {
                self::assertLessThan($tree->top, $dressing->heights()->base($one) + $one->height, 'under the tip');
                self::assertTrue($tree->left <= $one->left && $one->right <= $tree->right, 'within its branches');
                $lefts[] = $one->left;
            }
        }
        self::assertGreaterThan(5, \count(array_unique($lefts)), 'not one over the other');
        self::assertEqualsWithDelta(36 * 254, $dressing->heights()->base($dressing->placed[11]), 2 * 254, 'the star is on the tip');
    }

    public function testWhatGoesNowhereIsPutInTheMiddleWhenItMust(): void
    {
        $rail = Make::spot(width: 100, depth: 4, clear: null, kind: SpotKind::StairRail);

        self::assertSame(47.0, $this->left((new PlaceFinder())->anywhere(new Dressing($rail, []), Make::piece('vase'), 1, new PlaceSought())));
    }

    private function find(Dressing $dressing, PlacedPiece $piece, BalanceSchool $school = BalanceSchool::Centred): Stance
    {
        return (new PlaceFinder())->find(
            $dressing,
            $piece->piece,
            $school,
        ) ?? self::fail("{$piece->piece->name} finds no place on {$dressing->spot->kind->value}.");
    }

    private function left(Stance $stance): float
    {
        return round($stance->left / 254, 2);
    }
}
