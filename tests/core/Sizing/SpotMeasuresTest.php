<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Sizing;

use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Sizing\SpotMeasures;
use BrightCupboard\Core\Sizing\Sums;
use BrightCupboard\Core\Stock\PieceKind;
use BrightCupboard\Core\Surface\Layout;
use BrightCupboard\Core\Surface\SpotKind;
use BrightCupboard\Core\Surface\TableShape;
use BrightCupboard\Tests\Core\Support\Make;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A spot's measures answer the sums' asks, so that nothing is filled in twice. */
final class SpotMeasuresTest extends TestCase
{
    /** @return iterable<string, array{SpotKind, Layout, array<string, float|string>}> kind, layout, what is filled in: inches, counts, words */
    public static function spots(): iterable
    {
        $in = Length::ofInches(...);
        yield 'a mantel runs level' => [SpotKind::Mantel, new Layout(), ['shape' => 'level', 'run' => 60, 'ceiling' => 82]];
        yield 'a rail with a rise is a slope, its posts take bows' => [
            SpotKind::StairRail,
            new Layout(rise: $in(40), posts: 4),
            ['shape' => 'slope', 'run' => 60, 'rise' => 40, 'bows' => 4.0],
        ];
        yield 'a level rail' => [SpotKind::StairRail, new Layout(posts: 2), ['shape' => 'level', 'bows' => 2.0]];
        yield 'a garland goes up, over and down a doorway' => [SpotKind::Doorway, new Layout(), ['shape' => 'level', 'run' => 120]];
        yield 'a garland goes round a post' => [SpotKind::Post, new Layout(), ['shape' => 'post', 'run' => 60, 'around' => 10]];
        yield 'a round table has one measure across' => [
            SpotKind::DiningTable,
            new Layout(shape: TableShape::Round, seats: 2),
            ['tableShape' => 'round', 'tableWidth' => 60, 'people' => 2.0, 'tableHeight' => 52],
        ];
        yield 'a long table has two' => [SpotKind::DiningTable, new Layout(seats: 2), ['tableShape' => 'rectangular', 'tableWidth' => 60, 'tableDepth' => 10]];
        yield 'a wall over furniture' => [
            SpotKind::Wall,
            new Layout(belowWidth: $in(48), belowTop: $in(34)),
            ['hangs' => 'over furniture', 'below' => 48, 'belowTop' => 34, 'wallWidth' => 60],
        ];
        yield 'a bare wall' => [SpotKind::Wall, new Layout(), ['hangs' => 'on a wall', 'ceiling' => 82]];
        yield 'a door takes a wreath' => [SpotKind::Door, new Layout(), ['hangs' => 'on a door', 'hung' => 'wreath', 'hookDrop' => 0.0]];
        yield 'a window takes curtains' => [SpotKind::Window, new Layout(), ['tall' => 'curtains', 'windowWidth' => 60, 'windowTop' => 82]];
        yield 'a sofa takes a pair that covers half of it' => [SpotKind::Sofa, new Layout(), ['seatWidth' => 60, 'backCover' => 14, 'frontCover' => 10]];
        yield 'a tree goes under its ceiling' => [SpotKind::Tree, new Layout(), ['treeFoot' => 60, 'ceiling' => 30, 'treeHeight' => 24, 'topper' => 3]];
    }

    /** @param array<string, float|string> $filled */
    #[DataProvider('spots')]
    public function testFillsIn(SpotKind $kind, Layout $layout, array $filled): void
    {
        $measures = SpotMeasures::of(Make::spot(kind: $kind, layout: $layout));
        $read = static fn(string $name): mixed => ($measures[$name] ?? null) instanceof Length
            ? round($measures[$name]->inInches(), 2)
            : ($measures[$name] ?? null);

        foreach ($filled as $name => $value) {
            self::assertEquals($value, $read($name), $name);
        }
    }

    /** @return iterable<string, array{float}> seat in inches */
    public static function seats(): iterable
    {
        yield 'a loveseat' => [58];
        yield 'a sofa' => [84];
        yield 'a long one' => [110];
        yield 'a bench' => [150];
    }

    #[DataProvider('seats')]
    public function testCoversAreOfSizesThatAreSoldAndAPairTakesHalfTheSeat(float $wide): void
    {
        $measures = SpotMeasures::of(Make::spot(width: $wide, kind: SpotKind::Sofa));
        $back = $measures['backCover'] instanceof Length ? $measures['backCover']->inInches() : 0.0;

        self::assertSame(0.0, fmod($back, 2), 'whole two inches');
        self::assertGreaterThanOrEqual(14, $back);
        self::assertLessThanOrEqual(22, $back);
        self::assertLessThanOrEqual(max($wide / 2, 28.0), 2 * $back);
    }

    /** @return iterable<string, array{PieceKind, Sums|null}> */
    public static function gaps(): iterable
    {
        yield 'garland' => [PieceKind::Garland, Sums::Garland];
        yield 'stems' => [PieceKind::Bunch, Sums::Stems];
        yield 'a wreath' => [PieceKind::Wreath, Sums::Hanging];
        yield 'plates' => [PieceKind::Plate, Sums::Table];
        yield 'a figure: nothing to reckon' => [PieceKind::Figure, null];
    }

    #[DataProvider('gaps')]
    public function testAGapKnowsItsSum(PieceKind $kind, ?Sums $sum): void
    {
        self::assertSame($sum, Sums::for($kind));
    }

    public function testASumForAGapTakesPiecesOfItsKind(): void
    {
        foreach (PieceKind::cases() as $kind) {
            $sum = Sums::for($kind);
            self::assertTrue(null === $sum || \in_array($kind, $sum->kinds(), true), "{$kind->value} is answered by a sum that never takes one");
        }
    }
}
