<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Intake;

use BrightCupboard\Core\Colour\ColourNames;
use BrightCupboard\Core\Intake\CsvTable;
use BrightCupboard\Core\Intake\KnownPlace;
use BrightCupboard\Core\Intake\PieceRow;
use BrightCupboard\Core\Intake\PieceRowReader;
use BrightCupboard\Core\Intake\SheetAside;
use BrightCupboard\Core\Intake\TableColumns;
use BrightCupboard\Core\Measure\LengthUnit;
use BrightCupboard\Core\Stock\Hazard;
use BrightCupboard\Core\Stock\Season;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * Inventories as people keep them, all invented: titles, two rows of heads or none, totals, ticks, pairs, prices
 * for the set, odd encodings. Nothing is cut silently.
 */
final class SheetsTest extends TestCase
{
    /** @return iterable<string, array{string, list<string>, list<string>}> file, rows as read (see said()), what is no thing */
    public static function sheets(): iterable
    {
        yield 'a title, an address and a blank line above the heads' => [
            "Mill End decor list,,\nupdated in spring,,\n\nItem,Qty,Height\nBrass bell,2,6 in\n",
            ['2 bell h6: Brass bell'],
            ['title Mill End decor list', 'title updated in spring'],
        ];
        yield 'no heads at all' => [
            "brass candlestick 9 in,3,A1\nred vase 12 in,1,A2\nwreath 22 in,2,A1\n",
            ['3 candlestick h9 @A1: brass candlestick 9 in', '1 vase h12 @A2: red vase 12 in', '2 wreath h22 @A1: wreath 22 in'],
            [],
        ];
        yield 'no heads, prices in their own column' => [
            "2,Lantern black 14 in,\$18.00\n1,Owl,\$4.50\n",
            ['2 lantern h14 $1800: Lantern black 14 in', '1 figure ~size $450 ~colours: Owl'],
            [],
        ];
        yield 'heads in two rows' => ["Item,Size,,,Paid\n,W,D,H,\nJug,8,7,11,\$36\n", ['1 jug w8 h11 $3600 ~colours: Jug'], []];
        yield 'units in a row of their own' => [
            "Item,Width,Height,Price\n,(cm),(cm),(\$)\nVase white,12,24,9.50\n",
            ['1 vase w4.72 h9.45 $950: Vase white'],
            [],
        ];
        yield 'totals below' => [
            "name,qty,cost\nred vase 9 in,1,5\nblue vase 9 in,2,6\nTotal,3,17\nGrand total:,,17\n",
            ['1 vase h9 $500: red vase 9 in', '2 vase h9 $600: blue vase 9 in'],
            ['total Total 3 17', 'total Grand total: 17'],
        ];
        yield 'headings between the rows that name a place' => [
            "Item,Qty,Notes\nA1,,\nbrass bell 4 in,1,\nA2,,\nred vase 9 in,1,chip\n",
            ['1 bell h4 @A1: brass bell 4 in', '1 vase h9 @A2 (chip): red vase 9 in'],
            ['heading A1', 'heading A2'],
        ];
        yield 'headings between the rows that name a season' => [
            "Item,Qty,Colour\nCHRISTMAS,,\nstocking 18 in,4,red\nEASTER:,,\nhare 7 in,1,white\n",
            ['4 stocking h18 s:winter: stocking 18 in', '1 hare h7 s:spring: hare 7 in'],
            ['heading CHRISTMAS', 'heading EASTER:'],
        ];
        yield 'headings that name a kind' => [
            "Item,Qty,Height\nVASES,,\nthe tall one in green,1,20 in\n",
            ['1 vase h20: the tall one in green'],
            ['heading VASES'],
        ];
        yield 'size, count and price in the name' => [
            "Description\nSet of 3 pillar candles 4 x 9 in ivory \$27\n2 brass bells 4 in\n",
            ['3 pillar candle w4 h9 $900: Set of 3 pillar candles 4 x 9 in ivory $27', '2 bell h4: 2 brass bells 4 in'],
            [],
        ];
        yield 'ticks in columns of seasons' => [
            "Item,Spring,Summer,Fall,Christmas\nred wreath 20 in,,,x,X\nblue vase 9 in,✓,y,no,\n",
            ['1 wreath h20 s:autumn,winter: red wreath 20 in', '1 vase h9 s:spring,summer: blue vase 9 in'],
            [],
        ];
        yield 'fragile? and battery?' => [
            "Item,Fragile?,Battery?\ntin star 9 in,Y,N\nwhite lights 20 ft,n,yes\n",
            ['1 star h9: tin star 9 in', '1 lights w240 h6 (battery): white lights 20 ft'],
            [],
        ];
        yield 'pairs, dozens and sets in the count' => [
            "Item,Qty\nlantern 14 in black,1 pair\nred bauble 3 in,a dozen\nplate 10 in white,2 sets of 4\ncushion 18 in sage,6 pcs\n",
            ['2 lantern h14: lantern 14 in black', '12 bauble h3: red bauble 3 in', '8 plate h10: plate 10 in white', '6 cushion h18: cushion 18 in sage'],
            [],
        ];
        yield 'prices for the set, each and about' => [
            "Item,Qty,Price\nplate 10 in white,8,\$40 / set\ngoblet 7 in,6,3.50 ea\nred vase 9 in,1,about 12\nhare 7 in white,1,gift\n",
            [
                '8 plate h10 $500: plate 10 in white',
                '6 storm glass h7 $350: goblet 7 in',
                '1 vase h9 $1200 (cost: about 12): red vase 9 in',
                '1 hare h7 o:given: hare 7 in white',
            ],
            [],
        ];
        yield 'a column for what all cost' => ["Item,Qty,Total cost\nred bauble 3 in,12,\$24.00\n", ['12 bauble h3 $200: red bauble 3 in'], []];
        yield 'several places in one cell' => [
            "Item,Qty,Box\nred bauble 3 in,5,\"A1, A2\"\nbrass bell 4 in,3,A1 (2); A2 (1)\nstocking 18 in red,4,2 in A1 and 2 in A2\n",
            ['5 bauble h3 @A1×3,A2×2: red bauble 3 in', '3 bell h4 @A1×2,A2×1: brass bell 4 in', '4 stocking h18 @A1×2,A2×2: stocking 18 in red'],
            [],
        ];
        yield 'semicolons and decimal commas' => ["Item;Qty;Height (cm);Price\nred vase;1;24,5;4,50\n", ['1 vase h9.65 $450: red vase'], []];
        yield 'bars' => ["Item|Qty|Height\nred vase|2|9 in\n", ['2 vase h9: red vase'], []];
        yield 'thousands without quotation marks' => [
            "Item,Qty,Price,Notes\nmirror 40 in gilt,1,\$1,250.00,hall\nred vase 9 in,1,\$12.00,\n",
            ['1 mirror h40 $125000 (hall): mirror 40 in gilt', '1 vase h9 $1200: red vase 9 in'],
            [],
        ];
        yield 'points for thousands' => ["Item;Price\nmirror 40 in gilt;1.250,00\n", ['1 mirror h40 $125000: mirror 40 in gilt'], []];
        yield 'Windows-1252' => [
            mb_convert_encoding("Item,Height\nrosé vase,9 in\nJardinière crock – old,12 in\n", 'Windows-1252', 'UTF-8'),
            ['1 vase h9 ~colours: rosé vase', '1 crock h12 ~colours: Jardinière crock – old'],
            [],
        ];
        yield 'Mac Roman' => [
            "Item,Height\nJardini\x8Fre crock red,12 in\ncaf\x8E sign red,9 in\n",
            ['1 crock h12: Jardinière crock red', '1 sign h9: café sign red'],
            [],
        ];
        yield 'UTF-16 without its mark' => [mb_convert_encoding("Item,Height\nred vase,9 in\n", 'UTF-16LE', 'UTF-8'), ['1 vase h9: red vase'], []];
        yield 'months and days, told by one of them' => [
            "Item,Height,Bought\nred vase,9 in,3/4/2021\nblue vase,9 in,25/12/2020\n",
            ['1 vase h9 2021-04-03: red vase', '1 vase h9 2020-12-25: blue vase'],
            [],
        ];
        yield 'days in words are kept as a note' => ["Item,Height,Bought\nred vase,9 in,last winter\n", ['1 vase h9 (came: last winter): red vase'], []];
        yield 'columns nobody knows are notes, those of machines are not' => [
            "ID,Item,Height,Vendor,SKU\n7,red vase,9 in,the barn sale,XX-1\n",
            ['1 vase h9 (Vendor: the barn sale): red vase'],
            [],
        ];
        yield 'two columns of notes and two of places' => [
            "Item,Height,Tote,Room,Notes,Condition\nred vase,9 in,A1,hall,from Jo,chipped\n",
            ['1 vase h9 @A1 (from Jo; chipped; Room: hall): red vase'],
            [],
        ];
        yield 'length and width of the floor' => ["Item,L,W,H\noak tray,18,12,2\n", ['1 tray w18 h2: oak tray'], []];
        yield 'words for sizes, colours beyond ours, materials beyond ours' => [
            "Item,Size,Color,Material\nlantern,Large,black w/ gold,metal & glass\nbowl,\"11\"\" dia\",seafoam swirl / white,acacia wood\n",
            ['1 lantern ~size: lantern', '1 bowl w11 (colour: seafoam swirl): bowl'],
            [],
        ];
        yield 'more cells than heads' => ["Item,Height\nred vase,9 in,with a lid\n", ['1 vase h9 (with a lid): red vase'], []];
        yield 'a size that is none, a place that is none, a count that is none' => [
            "Item,Qty,Size,Box\nred vase,some,tallish,Z9\n",
            ['1 vase ~size ! size count places: red vase'],
            [],
        ];
        yield 'nothing that names the thing' => ["Qty,Height\n2,9 in\n", ['2 - h9 ! name kind:'], []];
        yield 'several sizes in a cell, a colour that is a material' => [
            "Item,Size,Color\nreed basket,14/12/10 in,natural\npunch bowl,10 to 12 in,clear glass\n",
            ['1 basket h14 (sizes: 14/12/10 in): reed basket', '1 bowl w12 (sizes: 10 to 12 in): punch bowl'],
            [],
        ];
        yield 'cells that say nothing' => ["Item,Qty,Height,Price,Box\nred vase,?,n/a,-,unknown\n", ['1 vase ~size: red vase'], []];
    }

    /**
     * @param list<string> $rows
     * @param list<string> $asides
     */
    #[DataProvider('sheets')]
    public function testReads(string $file, array $rows, array $asides): void
    {
        $table = CsvTable::read($file);
        $columns = TableColumns::of($table->heads);
        $cells = array_map(
            static fn(array $row, string $under): array => $columns->cells($row) + ('' === $under ? [] : ['under' => $under]),
            $table->rows,
            $table->under,
        );
        $reader = new PieceRowReader(
            LengthUnit::Inch,
            [new KnownPlace('A1', 'A1', 'attic'), new KnownPlace('A2', 'A2', 'attic')],
            new ColourNames(),
            PieceRowReader::isDayFirst(array_map(static fn(array $row): string => $row['came'] ?? '', $cells)),
        );

        self::assertSame($rows, array_map(fn(array $row): string => $this->said($reader->read($row)), $cells));
        if ([] !== $asides) {
            self::assertSame($asides, array_map(static fn(SheetAside $aside): string => $aside->what . ' ' . $aside->text, $table->asides));
        }
    }

    /** Whatever stands in a cell of the file is read, kept as a note, or the heading of it says that it is not kept. */
    #[DataProvider('sheets')]
    public function testNoCellIsCutSilently(string $file): void
    {
        $table = CsvTable::read($file);
        $columns = TableColumns::of($table->heads);
        foreach ($table->rows as $row) {
            $kept = implode("\n", $columns->cells($row));
            foreach ($row as $i => $cell) {
                $isTick = 1 === preg_match('/^(?:x|y|yes|✓|n|no)$/iu', $cell);
                self::assertTrue('' === $cell || $isTick || str_contains($kept, $cell) || \in_array($table->heads[$i], $columns->ignored, true), $cell);
            }
        }
    }

    public function testATickSaysWhatItsColumnSays(): void
    {
        $table = CsvTable::read("Item,Fragile?,Plug in\ntin star 9 in,Y,\nred lantern 12 in,no,x\n");
        $columns = TableColumns::of($table->heads);
        $reader = new PieceRowReader(LengthUnit::Inch, [], new ColourNames());

        self::assertSame(
            [[Hazard::Breakable], [Hazard::Mains]],
            array_map(static fn(array $row): array => $reader->read($columns->cells($row))->reading->hazards, $table->rows),
        );
    }

    public function testSomebodyMayKnowBetterThanAHeading(): void
    {
        $columns = TableColumns::of(['Thing', 'A', 'B', 'C'], chosen: [1 => 'height', 2 => 'care', 3 => TableColumns::NOT_KEPT]);

        self::assertSame([['name' => 'vase', 'height' => '9', 'care' => 'old'], ['C']], [$columns->cells(['vase', '9', 'old', 'x']), $columns->ignored]);
    }

    private function said(PieceRow $row): string
    {
        $read = $row->reading;
        $length = static fn(string $side, ?float $inches): string => null === $inches
            ? ''
            : " {$side}" . rtrim(rtrim(number_format($inches, 2, '.', ''), '0'), '.');
        $isAssumed = [] !== array_filter($read->assumed, static fn(\BrightCupboard\Core\Intake\Question $one): bool => 'size' === $one->field);
        $isWide = null !== $read->kind && 'width' === $read->kind->facts()->measuredBy;
        $isBoth = null !== $read->width && null !== $read->height && null !== $read->depth && abs(
            $read->width->inInches() / max(
                0.01,
                $read->height->inInches(),
            ) - ($read->kind?->facts()->proportions[0] ?? 1) / ($read->kind?->facts()->proportions[2] ?? 1),
        ) > 0.02;
        $text = $read->count . ' ' . ($read->kind->value ?? '-');
        $text .= $isAssumed
            ? ' ~size'
            : (($isBoth || $isWide ? $length('w', $read->width?->inInches()) : '') . ($isWide && !$isBoth ? '' : $length('h', $read->height?->inInches())));
        $text .= null === $read->costEach ? '' : ' $' . $read->costEach->minor;
        $text .= [] === array_filter($read->assumed, static fn(\BrightCupboard\Core\Intake\Question $one): bool => 'colours' === $one->field)
            ? ''
            : ' ~colours';
        $text .= [] === $read->seasons ? '' : ' s:' . implode(',', array_map(static fn(Season $season): string => $season->value, $read->seasons));
        $text .= '' === $read->origin ? '' : ' o:' . $read->origin;
        $text .= null === $row->cameOn ? '' : ' ' . $row->cameOn->format('Y-m-d');
        $text .= [] === $row->places
            ? ''
            : ' @' . implode(',', array_map(static fn(array $at): string => $at['place'] . (\count($row->places) > 1 ? '×' . $at['units'] : ''), $row->places));
        $text .= '' === $read->care ? '' : " ({$read->care})";
        $text .= [] === $row->problems ? '' : ' ! ' . implode(' ', array_column($row->problems, 'field'));

        return trim($text . ': ' . $read->name);
    }
}
