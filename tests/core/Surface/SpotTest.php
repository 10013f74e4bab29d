<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Surface;

use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Stock\PieceKind;
use BrightCupboard\Core\Stock\Posture;
use BrightCupboard\Core\Surface\Form;
use BrightCupboard\Core\Surface\InvalidSpot;
use BrightCupboard\Core\Surface\KeepClear;
use BrightCupboard\Core\Surface\Layout;
use BrightCupboard\Core\Surface\Spot;
use BrightCupboard\Core\Surface\SpotFacts;
use BrightCupboard\Core\Surface\SpotKind;
use BrightCupboard\Core\Surface\TableShape;
use BrightCupboard\Tests\Core\Support\Make;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What spots of each form offer: boards, seats, slopes, and how things go on them. */
final class SpotTest extends TestCase
{
    /**
     * Places at 24 in of the edge each (Panero and Zelnik, Human Dimension and Interior Space, 1979: the least width of a place).
     * A 48 in round top has an edge of 150.8 in: 6; 36 in: 4; 60 in: 7 (common charts give 4 at 36 to 44, 6 at 48 to 54, 8 at 60 to 66).
     *
     * @return iterable<string, array{TableShape, float, float, int}> shape, width and depth in inches, seats
     */
    public static function tops(): iterable
    {
        yield 'card table 34 in' => [TableShape::Rectangular, 34, 34, 4];
        yield '72 × 36: three a side, one an end' => [TableShape::Rectangular, 72, 36, 8];
        yield '96 × 40: four a side, one an end' => [TableShape::Rectangular, 96, 40, 10];
        yield 'too small for anybody' => [TableShape::Rectangular, 20, 20, 0];
        yield 'round 36' => [TableShape::Round, 36, 36, 4];
        yield 'round 48' => [TableShape::Round, 48, 48, 6];
        yield 'round 60' => [TableShape::Round, 60, 60, 7];
    }

    #[DataProvider('tops')]
    public function testATopSeatsAsManyAsItsEdgeTakes(TableShape $shape, float $width, float $depth, int $seats): void
    {
        self::assertSame($seats, (new Layout(shape: $shape))->mostSeats(Length::ofInches($width), Length::ofInches($depth)));
    }

    /** Ramanujan's second approximation of the edge of an oval, against the edge summed from ten thousand chords. */
    #[TestWith([72.0, 42.0])]
    #[TestWith([96.0, 44.0])]
    #[TestWith([60.0, 60.0])]
    #[TestWith([120.0, 30.0])]
    public function testTheEdgeOfAnOvalAgreesWithTheSumOfItsChords(float $width, float $depth): void
    {
        $edge = 0.0;
        for ($i = 0; $i < 10_000; ++$i) {
            [$a, $b] = [2 * \M_PI * $i / 10_000, 2 * \M_PI * ($i + 1) / 10_000];
            $edge += hypot($width / 2 * (cos($b) - cos($a)), $depth / 2 * (sin($b) - sin($a)));
        }

        self::assertSame((int) floor($edge / 24), (new Layout(shape: TableShape::Oval))->mostSeats(Length::ofInches($width), Length::ofInches($depth)));
    }

    public function testBoardsLieOneOverTheOtherWithAnInchOfWoodBetween(): void
    {
        $hutch = Make::spot(clear: 9, kind: SpotKind::Hutch, layout: new Layout([Length::ofInches(14), Length::ofInches(12), Length::ofInches(10)]));

        self::assertSame([0, 15 * 254, 28 * 254], array_map($hutch->tierHeight(...), [0, 1, 2]));
        self::assertSame([14 * 254, 12 * 254, 10 * 254], array_map($hutch->clearOver(...), [0, 1, 2]));
        self::assertSame(3, $hutch->tierCount());
    }

    public function testAShelfWithoutBoardsEnteredIsOneBoardUnderItsClearHeight(): void
    {
        $shelf = Make::spot(clear: 9, kind: SpotKind::Shelf);

        self::assertSame([1, 0, 9 * 254], [$shelf->tierCount(), $shelf->tierHeight(0), $shelf->clearOver(0)]);
    }

    /** A third along a rail that rises 60 in, one stands 20 in higher (similar triangles). */
    public function testARailRisesInProportion(): void
    {
        $rail = Make::spot(width: 120, kind: SpotKind::StairRail, layout: new Layout(rise: Length::ofInches(60)));

        self::assertSame([0, 20 * 254, 60 * 254], array_map(static fn(float $inches): int => $rail->baseAt(0, $inches * 254), [0.0, 40.0, 120.0]));
    }

    public function testATreeHasFiveBandsOfAFifthOfItsHeight(): void
    {
        $tree = Make::spot(width: 54, clear: 100, kind: SpotKind::Tree);

        self::assertSame([0, 20 * 254, 80 * 254], array_map($tree->tierHeight(...), [0, 1, 4]));
    }

    /** @return iterable<string, array{SpotKind, PieceKind, Posture|null}> how a thing goes there by habit; null: not at all */
    public static function habits(): iterable
    {
        yield 'a wreath hangs over a mantel' => [SpotKind::Mantel, PieceKind::Wreath, Posture::Hangs];
        yield 'and leans on a shelf' => [SpotKind::Shelf, PieceKind::Wreath, Posture::Leans];
        yield 'a mirror leans on a console' => [SpotKind::Console, PieceKind::Mirror, Posture::Leans];
        yield 'a wreath hangs on a door' => [SpotKind::Door, PieceKind::Wreath, Posture::Hangs];
        yield 'a stocking hangs from a mantel' => [SpotKind::Mantel, PieceKind::Stocking, Posture::Hangs];
        yield 'and from no wall' => [SpotKind::Wall, PieceKind::Stocking, null];
        yield 'and sits on no sofa' => [SpotKind::Sofa, PieceKind::Stocking, null];
        yield 'a cushion sits on a sofa' => [SpotKind::Sofa, PieceKind::Cushion, Posture::Sits];
        yield 'and on no mantel' => [SpotKind::Mantel, PieceKind::Cushion, null];
        yield 'a throw drapes over a bed' => [SpotKind::Bed, PieceKind::Throw, Posture::Drapes];
        yield 'and over no shelf of a hutch' => [SpotKind::Hutch, PieceKind::Throw, null];
        yield 'but over an ottoman' => [SpotKind::LowTable, PieceKind::Throw, Posture::Drapes];
        yield 'a tray lies on a bed' => [SpotKind::Bed, PieceKind::Tray, Posture::Lies];
        yield 'and not on a sofa' => [SpotKind::Sofa, PieceKind::Tray, null];
        yield 'a basket stands on a bench' => [SpotKind::Bench, PieceKind::Basket, Posture::Stands];
        yield 'a garland drapes along a rail' => [SpotKind::StairRail, PieceKind::Garland, Posture::Drapes];
        yield 'a vase stands on no rail' => [SpotKind::StairRail, PieceKind::Vase, null];
        yield 'plates lean in a hutch' => [SpotKind::Hutch, PieceKind::Plate, Posture::Leans];
        yield 'plates lie on a table' => [SpotKind::DiningTable, PieceKind::Plate, Posture::Lies];
        yield 'plates hang on a wall' => [SpotKind::Wall, PieceKind::Plate, Posture::Hangs];
        yield 'a mirror leans on no table' => [SpotKind::DiningTable, PieceKind::Mirror, null];
        yield 'a runner lies on a table' => [SpotKind::DiningTable, PieceKind::Runner, Posture::Lies];
        yield 'a skirt lies round the foot of a tree' => [SpotKind::Tree, PieceKind::TreeSkirt, Posture::Lies];
        yield 'and on no sofa' => [SpotKind::Sofa, PieceKind::TreeSkirt, null];
        yield 'nor on a table' => [SpotKind::DiningTable, PieceKind::TreeSkirt, null];
        yield 'baubles trim a tree' => [SpotKind::Tree, PieceKind::Bauble, Posture::Trims];
        yield 'a tree stands in its corner' => [SpotKind::Tree, PieceKind::Tree, Posture::Stands];
        yield 'a jug hangs on no tree' => [SpotKind::Tree, PieceKind::Jug, null];
        yield 'stems go into a vessel' => [SpotKind::Console, PieceKind::Bunch, Posture::Fills];
    }

    #[DataProvider('habits')]
    public function testThingsGoAsTheyGo(SpotKind $spot, PieceKind $piece, ?Posture $posture): void
    {
        self::assertSame($posture, Make::spot(kind: $spot)->postureOf($piece));
    }

    public function testEveryKindHasAFormUsualSizesAndWordsForItsSurface(): void
    {
        $forms = [];
        foreach (SpotKind::cases() as $kind) {
            $facts = SpotFacts::of($kind);
            self::assertGreaterThan(0, $facts->width->tenths(), $kind->value);
            self::assertNotSame('', $kind->surface());
            $forms[$kind->form()->value] = true;
        }

        self::assertEqualsCanonicalizing(array_column(Form::cases(), 'value'), array_keys($forms), 'each form has a kind');
    }

    /** @return iterable<string, array{\Closure(): mixed, string}> what is tried, the sentence */
    public static function impossible(): iterable
    {
        yield 'thirteen boards' => [
            static fn(): Layout => new Layout(array_fill(0, 13, Length::ofInches(10))),
            'Between 0 and 12 boards can be entered, got 13.',
        ];
        yield 'a board of nothing' => [
            static fn(): Layout => new Layout([Length::ofInches(10), Length::zero()]),
            'Board 2 needs a clear height between 0.1 and 80 in (203 cm).',
        ];
        yield 'minus one seat' => [static fn(): Layout => new Layout(seats: -1), 'Between 0 and 24 seats can be entered, got -1.'];
        yield 'a fence' => [static fn(): Layout => new Layout(posts: 41), 'Between 0 and 40 posts can be entered, got 41.'];
        yield 'a ladder' => [
            static fn(): object => Make::spot(width: 40, kind: SpotKind::StairRail, layout: new Layout(rise: Length::ofInches(41))),
            'A rail that rises more than it runs is a ladder: check the rise, or measure the length along the floor.',
        ];
        yield 'more people than edge' => [
            static fn(): object => Make::spot(width: 36, depth: 36, kind: SpotKind::DiningTable, layout: new Layout(seats: 5)),
            '5 cannot sit at a top of this size; at 24 in (61 cm) each it takes 4.',
        ];
        $tooLarge = '“Stove shelf” is more than 20 m wide, deep or high: check its measures.';
        yield 'a hangar' => [static fn(): object => Make::spot(width: 900)->roomSized(), $tooLarge];
        yield 'a tower' => [static fn(): object => Make::spot(ledge: 900)->roomSized(), $tooLarge];
        yield 'no width' => [static fn(): object => Spot::requireSide('width', Length::zero()), 'A spot needs a width above 0'];
        yield 'a street' => [static fn(): object => Spot::requireSide('clearHeight', Length::ofInches(800)), 'No spot of a room measures more than 20 m'];
        yield 'nothing' => [static fn(): object => Make::spot(width: 0), '“Stove shelf” needs a width and a depth above 0, so that pieces can be tried on it.'];
    }

    /** @param \Closure(): mixed $try */
    #[DataProvider('impossible')]
    public function testWhatCannotBeIsSaidInASentence(\Closure $try, string $sentence): void
    {
        $this->expectException(InvalidSpot::class);
        $this->expectExceptionMessage($sentence);
        $try();
    }

    public function testWhatIsJustPossibleIs(): void
    {
        self::assertSame(12, Make::spot(kind: SpotKind::Bookcase, layout: new Layout(array_fill(0, 12, Length::ofInches(10))))->tierCount());
        self::assertSame(0, Spot::requireSide('ledgeHeight', Length::zero())->tenths(), 'on the floor');
        self::assertSame(4, Make::spot(width: 36, depth: 36, kind: SpotKind::DiningTable, layout: new Layout(seats: 4))->layout->seats);
        self::assertSame(40 * 254, Make::spot(width: 40, kind: SpotKind::StairRail, layout: new Layout(rise: Length::ofInches(40)))->layout->rise?->tenths());
    }

    /** @return iterable<string, array{list<array{int, int}>, int, int}> stretches that stay clear of 60 in, and what is left to dress */
    public static function stretches(): iterable
    {
        yield 'nothing stays clear' => [[], 0, 60];
        yield 'a kettle at the right end' => [[[44, 60]], 0, 44];
        yield 'a flue at the left end' => [[[0, 6]], 6, 60];
        yield 'both ends' => [[[50, 60], [0, 10]], 10, 50];
        yield 'two beside one another' => [[[52, 60], [44, 53]], 0, 44];
        yield 'a stretch in between leaves both sides' => [[[20, 30]], 0, 60];
        yield 'one past the end' => [[[48, 70]], 0, 48];
        yield 'all of it' => [[[0, 40], [30, 60]], 0, 60];
    }

    /** @param list<array{int, int}> $stretches */
    #[DataProvider('stretches')]
    public function testWhatStaysClearAtAnEndIsNoPartOfWhatIsDressed(array $stretches, int $from, int $to): void
    {
        $spot = Make::spot(width: 60, keepClear: array_map(
            static fn(array $one): KeepClear => new KeepClear(Length::ofInches($one[0]), Length::ofInches($one[1]), 'in use'),
            $stretches,
        ));

        self::assertSame([$from * 254, $to * 254], [$spot->from, $spot->to]);
        self::assertEquals(($from + $to) / 2 * 254, $spot->middle());
        self::assertSame(['left', 'middle', 'right'], [$spot->sideOf($spot->from), $spot->sideOf($spot->middle()), $spot->sideOf($spot->to)]);
    }
}
