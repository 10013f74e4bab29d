<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Calendar;

use BrightCupboard\Core\Calendar\CareRhythm;
use BrightCupboard\Core\Calendar\CellLife;
use BrightCupboard\Core\Stock\Material;
use BrightCupboard\Core\Stock\PieceKind;
use BrightCupboard\Tests\Core\Support\Make;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Rhythms are from memory; what is tested is which pieces have which, and that their own care comes first. */
final class CareRhythmTest extends TestCase
{
    /** @return iterable<string, array{PieceKind, list<Material>, string, array<string, int>}> */
    public static function pieces(): iterable
    {
        yield 'a jug needs nothing' => [PieceKind::Jug, [Material::Stoneware], '', []];
        yield 'a plant is alive unless somebody says of what it is' => [PieceKind::PotPlant, [], '', ['water' => 5, 'turn to the light' => 14]];
        yield 'a plant of cloth is not' => [PieceKind::PotPlant, [Material::Linen], '', []];
        yield 'a cut tree drinks every day' => [PieceKind::Tree, [Material::FreshGreenery], '', ['water' => 1, 'renew' => 28]];
        yield 'a faux one does not' => [PieceKind::Tree, [Material::FauxGreenery], '', []];
        yield 'cut stems' => [PieceKind::Bunch, [Material::FreshGreenery], '', ['fresh water, ends cut again' => 2, 'renew' => 10]];
        yield 'as its care says' => [
            PieceKind::PotPlant,
            [Material::FreshGreenery],
            'Water every 3 days, keep from the stove. Turn every week.',
            ['water' => 3, 'turn to the light' => 7],
        ];
        yield 'every day without a number' => [PieceKind::Wreath, [Material::FreshGreenery], 'mist every day', ['mist' => 1, 'renew' => 28]];
        yield 'a candle with batteries of which nothing is known' => [
            PieceKind::Pillar,
            [Material::Wax],
            'timer, batteries in the foot',
            ['check the batteries' => 14],
        ];
        yield 'a candle whose cells are named: 2500 mAh at 15 mA, six hours a day' => [
            PieceKind::Pillar,
            [Material::Wax],
            'timer, 2 AA batteries',
            ['new batteries' => 27],
        ];
        yield 'what is said comes before what is reckoned' => [PieceKind::Pillar, [], '2 AA, batteries every 3 weeks', ['check the batteries' => 21]];
        yield 'at its own time' => [PieceKind::Lights, [], 'batteries after 10 days', ['check the batteries' => 10]];
    }

    /**
     * @param list<Material>     $materials
     * @param array<string, int> $rhythm
     */
    #[DataProvider('pieces')]
    public function testWhatAPieceNeedsWhileItStands(PieceKind $kind, array $materials, string $care, array $rhythm): void
    {
        self::assertSame($rhythm, CareRhythm::of(Make::piece('thing', $kind, materials: $materials), $care));
    }

    /** @return iterable<string, array{PieceKind, string, int|null}> */
    public static function cells(): iterable
    {
        yield 'all is said: 2500 / (40 x 8)' => [PieceKind::Lights, '3 AA, 40 mA, 8 h a day', 7];
        yield 'more of them give no more hours' => [PieceKind::Lights, '6 x AA, 40 mA, 8 hours a day', 7];
        yield 'lights as usual: 1100 / (60 x 6)' => [PieceKind::Lights, '3 AAA', 3];
        yield 'a button cell' => [PieceKind::Candlestick, 'CR2032 in the foot, 6 h per night', 2];
        yield 'half an hour' => [PieceKind::Pillar, '2 D, 10 mA, 0,5 hours a day', 366];
        yield 'a brick of nine volts' => [PieceKind::Lights, '9 V, 20 mA, 5 h each evening', 5];
        yield 'C is a cell only where it is counted' => [PieceKind::Lights, 'goes in box C by the D shelf', null];
        yield 'no cells' => [PieceKind::Lights, 'mains', null];
    }

    #[DataProvider('cells')]
    public function testCellsLastAsLongAsTheirCapacityByDrawAndHours(PieceKind $kind, string $care, ?int $days): void
    {
        self::assertSame($days, CellLife::of($kind, $care)?->days());
    }

    /** IEC 60086-2 wants of an LR6 (AA) at 43 ohms, four hours a day, at least 60 hours (from memory); some 28 mA at 1.2 V. */
    public function testAnAaCellIsReckonedNoShorterThanTheStandardWantsOfIt(): void
    {
        $hours = 4 * (CellLife::of(PieceKind::Lights, '2 AA, 28 mA, 4 h a day')?->days() ?? 0);

        self::assertGreaterThanOrEqual(60, $hours);
        self::assertLessThan(100, $hours, 'nor so long that the lights are out before anybody looks');
    }
}
