<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Calendar;

use BrightCupboard\Core\Calendar\CareRhythm;
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
        yield 'as its care says' => [PieceKind::PotPlant, [Material::FreshGreenery], 'Water every 3 days, keep from the stove. Turn every week.', ['water' => 3, 'turn to the light' => 7]];
        yield 'every day without a number' => [PieceKind::Wreath, [Material::FreshGreenery], 'mist every day', ['mist' => 1, 'renew' => 28]];
        yield 'a candle with batteries' => [PieceKind::Pillar, [Material::Wax], 'timer, 2 AA batteries', ['check the batteries' => 14]];
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
}
