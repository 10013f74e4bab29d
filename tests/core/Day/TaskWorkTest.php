<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Day;

use BrightCupboard\Core\Day\Cautions;
use BrightCupboard\Core\Day\Durations;
use BrightCupboard\Core\Day\Phase;
use BrightCupboard\Core\Stock\Hazard;
use BrightCupboard\Core\Stock\Piece;
use BrightCupboard\Core\Stock\PieceKind;
use BrightCupboard\Core\Surface\Spot;
use BrightCupboard\Core\Surface\SpotHazard;
use BrightCupboard\Tests\Core\Support\Make;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What a task takes in minutes and hands, and what has to be said with it. */
final class TaskWorkTest extends TestCase
{
    /** @return iterable<string, array{Phase, list<array{Piece, int}>, int}> minutes by hand from the table of docs/rules.md: start and each unit, garlands, trees and lights ten more when set up */
    public static function work(): iterable
    {
        $vase = Make::piece('vase');
        yield 'nothing to carry, only the start' => [Phase::Clean, [], 5];
        yield 'taking down one: 1 and a half' => [Phase::TakeDown, [[$vase, 1]], 2];
        yield 'taking down four: 1 and four halves' => [Phase::TakeDown, [[$vase, 4]], 3];
        yield 'fetching a tote of six: 5 and 3' => [Phase::Fetch, [[$vase, 2], [Make::piece('jug'), 4]], 8];
        yield 'setting up three: 3 and 6' => [Phase::SetUp, [[$vase, 3]], 9];
        yield 'a garland takes ten more to set up' => [Phase::SetUp, [[Make::piece('swag', PieceKind::Garland), 1]], 15];
        yield 'but not to fetch' => [Phase::Fetch, [[Make::piece('swag', PieceKind::Garland), 1]], 6];
        yield 'packing two: 3 and 2' => [Phase::PackAway, [[$vase, 2]], 5];
    }

    /** @param list<array{Piece, int}> $handled */
    #[DataProvider('work')]
    public function testMinutesRoundUp(Phase $phase, array $handled, int $minutes): void
    {
        self::assertSame($minutes, (new Durations())->minutes($phase, $handled));
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

        self::assertSame($hands, (new Cautions())->hands([[$urn, 1]]));
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
        self::assertSame(2, (new Cautions())->hands([[Make::piece('star', hazards: [Hazard::NeedsLadder], grams: 40), 1]]));
    }
}
