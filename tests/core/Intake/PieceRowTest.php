<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Intake;

use BrightCupboard\Core\Colour\ColourNames;
use BrightCupboard\Core\Colour\ColourShare;
use BrightCupboard\Core\Intake\KnownPlace;
use BrightCupboard\Core\Intake\PieceRow;
use BrightCupboard\Core\Intake\PieceRowReader;
use BrightCupboard\Core\Measure\LengthUnit;
use BrightCupboard\Core\Stock\Hazard;
use BrightCupboard\Core\Stock\Material;
use BrightCupboard\Core\Stock\PieceKind;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Rows of a table as pieces: what cells say goes before what is usual, and all that is wrong is said at once. */
final class PieceRowTest extends TestCase
{
    public function testWhatHasNoCellIsReadFromTheNameAndTheUsual(): void
    {
        $row = $this->read(['name' => 'Blue glass vase', 'height' => '9 in']);

        self::assertSame([], $row->problems);
        self::assertSame([PieceKind::Vase, [Material::Glass], [Hazard::Breakable]], [$row->reading->kind, $row->reading->materials, $row->reading->hazards]);
        self::assertEqualsWithDelta([4.95, 9.0], [$row->reading->width?->inInches(), $row->reading->height?->inInches()], 0.01);
    }

    public function testACellGoesBeforeTheName(): void
    {
        $row = $this->read([
            'name' => 'Blue glass vase', 'kind' => 'jar', 'height' => '9', 'colours' => 'rust 60, bone 40', 'materials' => 'none',
            'hazards' => 'none', 'seasons' => 'winter; autumn', 'origin' => 'found',
        ]);

        self::assertSame([], $row->problems);
        self::assertSame([PieceKind::Jar, [], [], 'found'], [$row->reading->kind, $row->reading->materials, $row->reading->hazards, $row->reading->origin]);
        self::assertSame([60, 40], array_map(static fn(ColourShare $share): int => $share->percent, $row->reading->colours));
        self::assertCount(2, $row->reading->seasons);
    }

    /** @return iterable<string, array{array<string, string>, list<string>}> cells beside a good name and size, sentences */
    public static function badCells(): iterable
    {
        yield 'an unknown kind' => [
            ['name' => 'Red thing', 'kind' => 'rocket'],
            ['“rocket” is not a kind we know. Write a word such as vase, wreath or cushion.'],
        ];
        yield 'a negative count' => [['count' => '-3'], ['“-3” is not a count from 1 to 999.']];
        yield 'half a piece' => [['count' => '2.5'], ['“2.5” is not a count from 1 to 999.']];
        yield 'an unknown colour' => [['colours' => 'octarine'], ['“octarine” is not a colour. Pick one, or write it like #3E5F5A.']];
        yield 'shares that do not sum' => [['colours' => 'rust 60, bone 60'], ['The colour shares must add up to 100 %, they add up to 120 %.']];
        yield 'no size' => [['height' => 'tallish'], ['“tallish” is not a length. Write it like 9 1/2 or 9 1/2 in.']];
        yield 'no money' => [['cost' => 'a lot'], ['“a lot” is not an amount. Write it like 12.50.']];
        yield 'two days' => [['came' => '11/02/2023'], ['“11/02/2023” can be two days. Write it like 2026-11-05.']];
        yield 'a day that never was' => [['came' => '2026-02-30'], ['“2026-02-30” is not a day. Write it like 2026-11-05.']];
        yield 'a place of another home' => [['places' => 'Z9'], ['“Z9” is not a tote or a spot of this home.']];
        yield 'places that hold too few' => [['count' => '5', 'places' => 'A1 ×2; A2 ×2'], ['The places hold 4, but the count is 5.']];
        yield 'a place that could be two' => [['places' => 'attic'], ['Which one is “attic”?']];
    }

    /**
     * @param array<string, string> $cells
     * @param list<string>          $problems
     */
    #[DataProvider('badCells')]
    public function testSaysWhatCannotBe(array $cells, array $problems): void
    {
        self::assertSame($problems, array_column($this->read($cells + ['name' => 'Red vase', 'height' => '9 in'])->problems, 'sentence'));
    }

    public function testEverythingWrongIsSaidAtOnce(): void
    {
        self::assertCount(
            4,
            $this->read(['name' => 'Red vase', 'height' => '9 in', 'count' => 'x', 'cost' => 'y', 'came' => '2026-02-30', 'places' => 'q'])->problems,
        );
    }

    public function testUnitsInSeveralPlaces(): void
    {
        $row = $this->read(['name' => 'Red vase', 'height' => '9 in', 'count' => '5', 'places' => 'A1 ×2; lent x3']);

        self::assertSame([['place' => 'tote:1', 'units' => 2], ['place' => 'lent', 'units' => 3]], $row->places);
    }

    /** @param array<string, string> $cells */
    /** @return iterable<string, array{string, string}> as written, as meant */
    public static function days(): iterable
    {
        yield 'as we write it' => ['2026-11-05', '2026-11-05'];
        yield 'with a time behind' => ['2026-11-05 00:00:00', '2026-11-05'];
        yield 'a year' => ['2021', '2021-01-01'];
        yield 'a month' => ['Oct 2022', '2022-10-01'];
        yield 'a month in full' => ['October 2022', '2022-10-01'];
        yield 'day and month in words' => ['5 Nov 2026', '2026-11-05'];
        yield 'month first in words' => ['November 5, 2026', '2026-11-05'];
        yield 'with points the day comes first' => ['5.11.2026', '2026-11-05'];
        yield 'no month has thirteen days before it' => ['13/11/2026', '2026-11-13'];
        yield 'nor behind it' => ['11/13/2026', '2026-11-13'];
        yield 'the same either way' => ['05/05/2024', '2024-05-05'];
    }

    #[DataProvider('days')]
    public function testReadsDaysThatCanOnlyBeOne(string $text, string $day): void
    {
        $row = $this->read(['name' => 'Red vase', 'height' => '9 in', 'came' => $text]);

        self::assertSame([[], $day], [$row->problems, $row->cameOn?->format('Y-m-d')]);
    }

    public function testAWideHeadingGivesWayToTheName(): void
    {
        self::assertSame(
            [[], 'throw'],
            [
                $this->read(['name' => 'Plaid throw', 'kind' => 'Textiles', 'size' => '50 x 60', 'colours' => 'red'])->problems,
                $this->read(['name' => 'Plaid throw', 'kind' => 'Textiles', 'size' => '50 x 60', 'colours' => 'red'])->reading->kind?->value,
            ],
        );
        self::assertSame(600, $this->read(['name' => 'Red vase', 'height' => '9 in', 'cost' => '$6 each'])->reading->costEach?->minor);
    }

    private function read(array $cells): PieceRow
    {
        return (new PieceRowReader(
            LengthUnit::Inch,
            [new KnownPlace('tote:1', 'A1', 'attic'), new KnownPlace('tote:2', 'A2', 'attic')],
            new ColourNames(),
        ))->read($cells);
    }
}
