<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Stock;

use BrightCupboard\Core\Colour\ColourShare;
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Stock\Arrangement;
use BrightCupboard\Core\Stock\Hazard;
use BrightCupboard\Core\Stock\InvalidStock;
use BrightCupboard\Core\Stock\Material;
use BrightCupboard\Core\Stock\Part;
use BrightCupboard\Core\Stock\PartUnits;
use BrightCupboard\Core\Stock\Piece;
use BrightCupboard\Core\Stock\PieceKind;
use BrightCupboard\Core\Stock\Season;
use BrightCupboard\Tests\Core\Support\Make;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What an arrangement is by its parts. */
final class ArrangementTest extends TestCase
{
    public function testAnUrnWithStemsIsAsTallAsTheStemsAsWideAsTheWidestAndAsHeavyAsAllOfIt(): void
    {
        $one = new Arrangement([self::urn(), self::stems(5)]);
        $piece = $one->piece('winter', 'Winter urn', PieceKind::Arrangement, $one->size());

        self::assertEquals([Length::ofInches(8), Length::ofInches(8), Length::ofInches(24)], [$piece->size->width, $piece->size->depth, $piece->size->height]);
        self::assertSame(1600 + 5 * 40, $piece->weight->grams());
        self::assertSame([Material::FauxGreenery, Material::Stoneware], $piece->materials);
        self::assertSame([Hazard::ToxicToPets, Hazard::Breakable], $piece->hazards);
    }

    public function testWhatStandsSideBySideIsAsWideAsAllOfIt(): void
    {
        $pumpkins = new Arrangement([
            new PartUnits(Make::piece('large', PieceKind::Pumpkin, width: 14, height: 11, count: 2), 2),
            new PartUnits(Make::piece('small', PieceKind::Pumpkin, width: 8, height: 6), 1),
        ]);

        self::assertEquals([Length::ofInches(36), Length::ofInches(11)], [$pumpkins->size()->width, $pumpkins->size()->height]);
    }

    public function testItsColoursAreThoseOfItsPartsByTheFaceTheyShow(): void
    {
        $piece = (new Arrangement([self::urn(), self::stems(5)]))->piece('winter', 'Winter urn', PieceKind::Arrangement, Make::size(10, 8, 26));

        // Urn 8 × 12 in, five stems of 4 × 24 in: 96 against 480 square inches.
        self::assertSame(
            [['#3E5F5A', 83], ['#EDE4D3', 17]],
            array_map(static fn(ColourShare $share): array => [$share->colour->hex(), $share->percent], $piece->colours),
        );
    }

    /** @return iterable<string, array{list<list<Season>>, list<Season>}> seasons of the parts, of the whole */
    public static function seasons(): iterable
    {
        yield 'staples only' => [[[], []], []];
        yield 'a staple takes the season of its accent' => [[[], [Season::Winter]], [Season::Winter]];
        yield 'straddlers share one' => [[[Season::Autumn, Season::Winter], [Season::Winter, Season::Spring]], [Season::Winter]];
        yield 'nothing in common' => [[[Season::Spring], [Season::Autumn]], [Season::Spring, Season::Autumn]];
    }

    /**
     * @param list<list<Season>> $ofParts
     * @param list<Season>       $expected
     */
    #[DataProvider('seasons')]
    public function testServesTheSeasonsItsPartsShare(array $ofParts, array $expected): void
    {
        $parts = array_map(
            static fn(array $seasons, int $i): PartUnits => new PartUnits(Make::piece("part{$i}", seasons: $seasons), 1),
            $ofParts,
            array_keys($ofParts),
        );

        self::assertEqualsCanonicalizing($expected, (new Arrangement($parts))->seasons());
    }

    public function testItsMakeupNamesThePiecesItsPartsAre(): void
    {
        $makeup = (new Arrangement([self::stems(3), self::urn()]))->makeup();

        self::assertSame(
            [['Stems', 3, 'stems'], ['Urn', 1, 'urn']],
            array_map(static fn(Part $part): array => [$part->name, $part->count, $part->pieceId], $makeup),
        );
    }

    public function testThePartsInAnyOrderAreTheSameArrangement(): void
    {
        [$one, $other] = [new Arrangement([self::urn(), self::stems(5)]), new Arrangement([self::stems(5), self::urn()])];

        self::assertEquals($one->piece('a', 'A', PieceKind::Arrangement, $one->size()), $other->piece('a', 'A', PieceKind::Arrangement, $other->size()));
    }

    /** @return iterable<string, array{list<PartUnits>, string}> */
    public static function refused(): iterable
    {
        yield 'one thing' => [[self::urn()], 'two things or more'];
        yield 'nothing' => [[], 'two things or more'];
        yield 'more than are owned' => [[self::urn(), self::stems(6)], 'from 1 to 5 of Stems'];
        yield 'none of one' => [[self::urn(), self::stems(0)], 'from 1 to 5 of Stems'];
        yield 'one piece named twice' => [[self::stems(1), self::stems(2)], 'named once'];
        yield 'too many kinds' => [array_map(static fn(int $i): PartUnits => new PartUnits(Make::piece("part{$i}"), 1), range(1, 21)), 'at most 20 kinds'];
    }

    /** @param list<PartUnits> $parts */
    #[DataProvider('refused')]
    public function testRefusesWhatIsNoArrangementAndSaysWhy(array $parts, string $reason): void
    {
        $this->expectException(InvalidStock::class);
        $this->expectExceptionMessageMatches('/' . preg_quote($reason, '/') . '/');

        new Arrangement($parts);
    }

    private static function urn(): PartUnits
    {
        return new PartUnits(Make::piece('urn', width: 8, height: 12, colours: [['#EDE4D3', 100]], hazards: [Hazard::Breakable], depth: 8, grams: 1600), 1);
    }

    private static function stems(int $units): PartUnits
    {
        return new PartUnits(
            new Piece(
                'stems',
                'Stems',
                PieceKind::Bunch,
                5,
                Make::size(4, 4, 24),
                Make::piece('x', grams: 40)->weight,
                Make::piece('x', colours: [['#3E5F5A', 100]])->colours,
                [Material::FauxGreenery],
                Make::piece('x')->finish,
                [Season::Winter],
                [Hazard::ToxicToPets],
            ),
            $units,
        );
    }
}
