<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Intake;

use BrightCupboard\Core\Intake\CsvTable;
use BrightCupboard\Core\Intake\InvalidTable;
use BrightCupboard\Core\Intake\TableColumns;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Tables as people save them, by the rules of RFC 4180 and against them. */
final class CsvTableTest extends TestCase
{
    /** @return iterable<string, array{string, list<string>, list<list<string>>}> file, heads, rows */
    public static function files(): iterable
    {
        yield 'RFC 4180, 2.1 and 2.2: the last line may lack its end' => ["a,b\r\n1,2", ['a', 'b'], [['1', '2']]];
        yield 'RFC 4180, 2.5: cells in quotation marks' => ["a,b\r\n\"x\",y\r\n", ['a', 'b'], [['x', 'y']]];
        yield 'RFC 4180, 2.6: commas and line ends inside them' => ["a,b\r\n\"x,1\",\"y\r\n2\"\r\n", ['a', 'b'], [['x,1', "y\n2"]]];
        yield 'RFC 4180, 2.7: a quotation mark doubled' => ["a,b\r\n\"9 \"\" vase\",y\r\n", ['a', 'b'], [['9 " vase', 'y']]];
        yield 'a backslash is a character like any other' => ["a,b\r\n\"x\\\",y\r\n", ['a', 'b'], [['x\\', 'y']]];
        yield 'semicolons' => ["a;b\n1,5;2\n", ['a', 'b'], [['1,5', '2']]];
        yield 'tabs' => ["a\tb\n1\t2\n", ['a', 'b'], [['1', '2']]];
        yield 'a separator inside a quoted heading does not mislead' => ["\"a,b,c\";d\n1;2\n", ['a,b,c', 'd'], [['1', '2']]];
        yield 'a line that names the separator' => ["sep=;\r\na,b;c\r\n1,5;2\r\n", ['a,b', 'c'], [['1,5', '2']]];
        yield 'old line ends' => ["a,b\r1,2\r3,4", ['a', 'b'], [['1', '2'], ['3', '4']]];
        yield 'mixed line ends' => ["a,b\r\n1,2\n3,4\r5,6", ['a', 'b'], [['1', '2'], ['3', '4'], ['5', '6']]];
        yield 'a byte order mark' => ["\xEF\xBB\xBFa,b\n1,2\n", ['a', 'b'], [['1', '2']]];
        yield 'Windows-1252' => ["a,b\nJardini\xE8re,\x80 5\n", ['a', 'b'], [['Jardinière', '€ 5']]];
        yield 'UTF-16 with its mark' => [mb_convert_encoding("\u{FEFF}a,b\nvase,花瓶\n", 'UTF-16LE', 'UTF-8'), ['a', 'b'], [['vase', '花瓶']]];
        yield 'blank lines, short rows and long ones, of which nothing is cut' => [
            "a,b,c\n\n1\n,,\n2,3,4,5\n",
            ['a', 'b', 'c', ''],
            [['1', '', '', ''], ['2', '3', '4', '5']],
        ];
        yield 'control characters and the guard against running cells' => ["a,b\n'=1+1,x\x00\x07y\n", ['a', 'b'], [['=1+1', 'xy']]];
    }

    /**
     * @param list<string>       $heads
     * @param list<list<string>> $rows
     */
    #[DataProvider('files')]
    public function testReads(string $file, array $heads, array $rows): void
    {
        $table = CsvTable::read($file);

        self::assertSame([$heads, $rows], [$table->heads, $table->rows]);
    }

    public function testCellsWithoutEndAreCutAndRowsWithoutEndRefused(): void
    {
        self::assertSame(4000, mb_strlen(CsvTable::read("a\n" . str_repeat('é', 100_000))->rows[0][0]));
        $this->expectException(InvalidTable::class);
        $this->expectExceptionMessage('The file has 20001 rows; at most 20000 can be read at once.');
        CsvTable::read("a\n" . str_repeat("1\n", 20_001));
    }

    /** @return iterable<string, array{list<string>, array<string, string>}> heads, what a row of their own names gives */
    public static function headings(): iterable
    {
        yield 'ours' => [['name', 'kind', 'cost each'], ['name' => 'name', 'kind' => 'kind', 'cost' => 'cost each']];
        yield 'another order, other words' => [
            ['Qty', 'Item', 'Colour', 'Box'],
            ['count' => 'Qty', 'name' => 'Item', 'colours' => 'Colour', 'places' => 'Box'],
        ];
        yield 'cases, spaces and underscores' => [['  NAME ', 'Cost_Each', 'Came-On'], ['name' => '  NAME ', 'cost' => 'Cost_Each', 'came' => 'Came-On']];
        yield 'as an inventory has them' => [
            ['Item Name', 'Qty.', 'Color(s)', 'Storage Location', 'Purchase Price', 'Date Purchased', '#'],
            [
                'name' => 'Item Name',
                'count' => 'Qty.',
                'colours' => 'Color(s)',
                'places' => 'Storage Location',
                'cost' => 'Purchase Price',
                'came' => 'Date Purchased',
            ],
        ];
        yield 'what nobody asked for is left out' => [['name', 'SKU'], ['name' => 'name']];
    }

    /**
     * @param list<string>          $heads
     * @param array<string, string> $cells
     */
    #[DataProvider('headings')]
    public function testFindsTheFieldsBehindTheHeadings(array $heads, array $cells): void
    {
        self::assertEqualsCanonicalizing($cells, TableColumns::of($heads)->cells($heads));
    }

    public function testAUnitInAHeadingGoesForBareNumbersOnly(): void
    {
        $columns = TableColumns::of(['name', 'Height (cm)', 'w in mm', 'Weight [kg]']);

        self::assertSame(
            ['name' => 'x', 'height' => '24,5 cm', 'weight' => '2 lb', 'care' => 'w in mm: 9'],
            $columns->cells(['x', '24,5', '9', '2 lb']),
            'Not every heading with a unit is a side; what stands there is kept as a note.',
        );
    }
}
