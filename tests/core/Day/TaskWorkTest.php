<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Day;

use BrightCupboard\Core\Colour\Srgb;
use BrightCupboard\Core\Day\Cautions;
use BrightCupboard\Core\Day\Durations;
use BrightCupboard\Core\Day\Handling;
use BrightCupboard\Core\Day\Pace;
use BrightCupboard\Core\Day\Phase;
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Stock\Hazard;
use BrightCupboard\Core\Stock\Material;
use BrightCupboard\Core\Stock\Piece;
use BrightCupboard\Core\Stock\PieceKind;
use BrightCupboard\Core\Surface\SeenFrom;
use BrightCupboard\Core\Surface\Spot;
use BrightCupboard\Core\Surface\SpotHazard;
use BrightCupboard\Core\Surface\SpotKind;
use BrightCupboard\Tests\Core\Support\Make;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What a task takes in minutes and hands, and what has to be said with it. */
final class TaskWorkTest extends TestCase
{
    /**
     * @return iterable<string, array{Phase, list<array{Piece, int}>, int}> minutes by hand from the table of docs/rules.md: a start for each
     *         phase and what each unit takes by kind and size
     */
    public static function work(): iterable
    {
        $vase = Make::piece('vase');
        $fir = Make::piece('fir', PieceKind::Tree, width: 54, height: 90, depth: 54);
        yield 'nothing to carry, only the start' => [Phase::Clean, [], 2];
        yield 'taking down one vase of 10 in: 1 and a half' => [Phase::TakeDown, [[$vase, 1]], 2];
        yield 'taking down four: 1 and four halves' => [Phase::TakeDown, [[$vase, 4]], 3];
        yield 'fetching a tote of six: 3, and 2 and 4 of them at 0.3' => [Phase::Fetch, [[$vase, 2], [Make::piece('jug'), 4]], 5];
        yield 'what breaks is unwrapped: 3 and four of 0.8' => [Phase::Fetch, [[Make::piece('glass', hazards: [Hazard::Breakable]), 4]], 7];
        yield 'setting up three: 3 and three of 1.2' => [Phase::SetUp, [[$vase, 3]], 7];
        yield 'a garland of 6 ft: 3 and 2 a foot' => [Phase::SetUp, [[Make::piece('swag', PieceKind::Garland, width: 72, height: 4, depth: 4), 1]], 15];
        yield 'and fetched: 3 and 0.2 a foot' => [Phase::Fetch, [[Make::piece('swag', PieceKind::Garland, width: 72, height: 4, depth: 4), 1]], 5];
        yield 'packing two: 2 and two of 0.8' => [Phase::PackAway, [[$vase, 2]], 4];
        yield 'a tree of 7.5 ft: 3 and 5 a foot' => [Phase::SetUp, [[$fir, 1]], 41];
        yield 'sixty baubles: 3, four of 0.6, the rest at seven tenths of it' => [
            Phase::SetUp,
            [[Make::piece('ball', PieceKind::Bauble, width: 3, height: 3, depth: 3), 60]],
            29,
        ];
    }

    public function testATallTreeIsNeitherOnePersonsNorAQuarterOfAnHours(): void
    {
        $fir = Make::piece('fir', PieceKind::Tree, width: 54, height: 90, depth: 54, materials: [Material::FauxGreenery]);
        $effort = (new Cautions())->effort((new Durations())->minutes(Phase::SetUp, [[$fir, 1]]), [[$fir, 1]], null);

        self::assertSame([2, true], [$effort->hands, $effort->climbs]);
        self::assertGreaterThan(60, $effort->minutes + (new Durations())->readying([[$fir, 1, false]]), 'with its fluffing it is an hour and more');
    }

    /** Square feet of the boards, a minute for each three of them (memory). */
    #[TestWith([36.0, 12.0, 3])]
    #[TestWith([72.0, 36.0, 8])]
    public function testWipingGoesByTheArea(float $width, float $depth, int $minutes): void
    {
        $spot = new Spot(
            's',
            'Shelf',
            SpotKind::Shelf,
            Length::ofInches($width),
            Length::ofInches($depth),
            Length::ofInches(30),
            null,
            SeenFrom::Front,
            [],
            Srgb::ofHex('#FFFFFF'),
            [],
        );

        self::assertSame($minutes, (new Durations())->minutes(Phase::Clean, [], $spot));
    }

    public function testAHomeGoesAtItsOwnPaceOnceFiveTasksAreMeasured(): void
    {
        $four = array_fill(0, 4, [Phase::SetUp, 10, 15]);
        $five = new Pace([...$four, [Phase::SetUp, 10, 300]]);

        self::assertSame(7, (new Pace($four))->minutes(Phase::SetUp, 7), 'four are too few');
        self::assertSame(11, $five->minutes(Phase::SetUp, 7), 'half as long again, rounded up; one forgotten tick does not count');
        self::assertSame(2, $five->minutes(Phase::TakeDown, 2), 'other phases keep the rule of thumb');
        self::assertSame([5, 0], [$five->measured(Phase::SetUp), (new Pace($four))->measured(Phase::SetUp)]);
        self::assertSame(4.0, (new Pace(array_fill(0, 6, [Phase::Clean, 5, 500])))->factor(Phase::Clean), 'never past four times');
    }

    /** @param list<array{Piece, int}> $handled */
    #[DataProvider('work')]
    public function testMinutesRoundUp(Phase $phase, array $handled, int $minutes): void
    {
        self::assertSame($minutes, (new Durations())->minutes($phase, $handled));
    }

    public function testWhatIsCutDrinksAndWhatIsFauxIsFluffed(): void
    {
        $handling = new Handling();
        $of = static fn(PieceKind $kind, Material $material): ?string => $handling->readying(Make::piece('green', $kind, materials: [$material]), false);

        self::assertSame('cut the foot anew, into water at once', $of(PieceKind::Tree, Material::FreshGreenery));
        self::assertSame('ends cut again, misted or into water', $of(PieceKind::Wreath, Material::FreshGreenery));
        self::assertSame('fluff and bend apart', $of(PieceKind::Wreath, Material::FauxGreenery));
        self::assertNull($of(PieceKind::Vase, Material::Stoneware));
    }

    public function testMoreToDoIsNeverQuicker(): void
    {
        foreach (Phase::cases() as $phase) {
            $last = 0;
            for ($units = 1; $units <= 60; ++$units) {
                $minutes = (new Durations())->minutes($phase, [[Make::piece('vase'), $units]]);
                self::assertGreaterThanOrEqual($last, $minutes);
                $last = $minutes;
            }
        }
    }

    /** 25 lb are 11,339.8 g (1 lb = 453.59237 g, International Yard and Pound Agreement 1959); the limit itself is common practice. */
    #[TestWith([11_339, 1])]
    #[TestWith([11_340, 1])]
    #[TestWith([11_341, 2])]
    public function testOverTwentyFivePoundsTakesTwo(int $grams, int $hands): void
    {
        $urn = Make::piece('urn', grams: $grams);

        self::assertSame($hands, (new Cautions())->effort(5, [[$urn, 1]], null)->hands);
        self::assertSame(2 === $hands ? ['Over 25 lb: carry with two.'] : [], (new Cautions())->forTask(Phase::Fetch, [[$urn, 1]], null));
    }

    /** @return iterable<string, array{Hazard, Phase, Spot|null, string}> begin of the sentence; empty for none */
    public static function cautions(): iterable
    {
        $children = Make::spot(hazards: [SpotHazard::Children]);
        yield 'a flame where it will burn' => [Hazard::OpenFlame, Phase::SetUp, Make::spot(), 'Candles 12 in from anything that burns'];
        yield 'a flame in its tote' => [Hazard::OpenFlame, Phase::PackAway, null, ''];
        yield 'what breaks, when it is packed' => [Hazard::Breakable, Phase::PackAway, null, 'Breakable: wrap each'];
        yield 'what breaks, on its shelf' => [Hazard::Breakable, Phase::SetUp, Make::spot(), ''];
        yield 'small parts near children' => [Hazard::SmallParts, Phase::SetUp, $children, 'Small parts: out of reach'];
        yield 'small parts where there are none' => [Hazard::SmallParts, Phase::SetUp, Make::spot(), ''];
        yield 'button cells wherever they stand' => [Hazard::ButtonCells, Phase::SetUp, Make::spot(), 'Button cells: check the screwed cover'];
        yield 'what is toxic to pets' => [Hazard::ToxicToPets, Phase::SetUp, Make::spot(), 'Toxic to pets'];
        yield 'cords' => [Hazard::Mains, Phase::SetUp, Make::spot(), 'Cords: undamaged'];
        yield 'a ladder in any phase' => [Hazard::NeedsLadder, Phase::TakeDown, null, 'Ladder: three points of contact'];
    }

    #[DataProvider('cautions')]
    public function testSaysTheUsualCautionWhereItApplies(Hazard $hazard, Phase $phase, ?Spot $spot, string $sentence): void
    {
        $said = (new Cautions())->forTask($phase, [[Make::piece('thing', hazards: [$hazard]), 2], [Make::piece('other', hazards: [$hazard]), 1]], $spot);

        if ('' === $sentence) {
            self::assertSame([], $said);
        } else {
            self::assertCount(1, $said, 'said once, however many need it');
            self::assertStringStartsWith($sentence, $said[0]);
        }
    }

    public function testALadderTakesTwoHoweverLightTheThing(): void
    {
        self::assertSame(2, (new Cautions())->effort(5, [[Make::piece('star', hazards: [Hazard::NeedsLadder], grams: 40), 1]], null)->hands);
    }
}
