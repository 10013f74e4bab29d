<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Intake;

use BrightCupboard\Core\Colour\ColourNames;
use BrightCupboard\Core\Intake\CsvTable;
use BrightCupboard\Core\Intake\KnownPlace;
use BrightCupboard\Core\Intake\PieceRow;
use BrightCupboard\Core\Intake\PieceRowReader;
use BrightCupboard\Core\Intake\TableColumns;
use BrightCupboard\Core\Measure\LengthUnit;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * The same five things laid out in hundreds of ways: any order of columns, any of the words people head them with, titles above,
 * totals below, any separator, line end and encoding, sizes in a column each, in one or in the name. Read back, they are the same.
 */
final class SheetLayoutTest extends TestCase
{
    private const SHEETS = 300;
    /** name, count, width, height in inches, colour, place, cents each */
    private const THINGS = [
        ['brass candlestick', 2, 4, 9, 'brass', 'A1', 450],
        ['wreath', 1, 22, 22, 'fir', 'A2', 3800],
        ['ceramic jug', 3, 8, 11, 'rust', 'A1', 1250],
        ['red bauble', 12, 3, 3, 'red', 'A2', 99],
        ['oak picture', 1, 16, 20, 'oak', 'A1', 12500],
    ];
    private const HEADS = [
        'name' => ['Item', 'name', 'Piece', 'ITEM NAME', 'Description', 'What'],
        'count' => ['Qty', 'count', 'Quantity', 'How many', 'Units', 'Qty.'],
        'width' => ['Width', 'W', 'wide'],
        'height' => ['Height', 'H', 'High', 'Ht'],
        'colour' => ['Colour', 'Color', 'color(s)', 'Main color'],
        'place' => ['Tote', 'Box', 'Where', 'Stored in', 'Location', 'Storage location'],
        'cost' => ['Price', 'Cost each', 'Paid', 'Unit price'],
    ];

    private Randomizer $random;

    public function testTheSameThingsAreReadWhateverTheLayout(): void
    {
        $this->random = new Randomizer(new Mt19937(11));
        $expected = array_map(static fn(array $thing): array => [$thing[1], (float) $thing[2], (float) $thing[3], $thing[5], $thing[6]], self::THINGS);
        for ($i = 0; $i < self::SHEETS; ++$i) {
            $file = $this->sheet();
            $read = array_map(
                static fn(PieceRow $row): array => [
                    $row->reading->count,
                    round($row->reading->width?->inInches() ?? 0, 2),
                    round($row->reading->height?->inInches() ?? 0, 2),
                    $row->places[0]['place'] ?? '',
                    $row->reading->costEach?->minor,
                ],
                $this->rows($file),
            );

            self::assertEqualsWithDelta($expected, $read, 0.02, "sheet {$i}\n" . mb_scrub($file));
        }
    }

    public function testKindsAndColoursAreThoseOfTheThings(): void
    {
        $this->random = new Randomizer(new Mt19937(12));
        for ($i = 0; $i < 60; ++$i) {
            $rows = $this->rows($file = $this->sheet());

            self::assertSame(
                ['candlestick', 'wreath', 'jug', 'bauble', 'picture'],
                array_map(static fn(PieceRow $row): ?string => $row->reading->kind?->value, $rows),
                mb_scrub($file),
            );
            self::assertSame([[], [], [], [], []], array_map(static fn(PieceRow $row): array => $row->problems, $rows));
            self::assertSame((new ColourNames())->read('rust')?->hex(), $rows[2]->reading->colours[0]->colour->hex());
        }
    }

    /** @return list<PieceRow> */
    private function rows(string $file): array
    {
        $table = CsvTable::read($file);
        $columns = TableColumns::of($table->heads);
        $reader = new PieceRowReader(LengthUnit::Inch, [new KnownPlace('A1', 'A1', 'attic'), new KnownPlace('A2', 'A2', 'cellar')], new ColourNames());

        return array_map(
            static fn(array $row, string $under): PieceRow => $reader->read($columns->cells($row) + ('' === $under ? [] : ['under' => $under])),
            $table->rows,
            $table->under,
        );
    }

    private function sheet(): string
    {
        $sizes = $this->one(['columns', 'one cell', 'in the name']);
        $fields = $this->random->shuffleArray(array_values(array_filter(
            array_keys(self::HEADS),
            static fn(string $field): bool => 'columns' === $sizes || !\in_array($field, ['width', 'height'], true),
        )));
        $unit = $this->one(['in', 'inches', '"', 'cm']);
        $unitInHead = 'columns' === $sizes && \in_array($unit, ['in', 'cm'], true) && $this->coin();
        $separator = $this->one([',', ';', "\t", '|']);
        $rows = [];
        $heads = array_map(
            fn(string $field): string => $this->one(self::HEADS[$field])
                . ($unitInHead && \in_array($field, ['width', 'height'], true) ? " ({$unit})" : ''),
            $fields,
        );
        if ('one cell' === $sizes) {
            $heads[] = $this->one(['Size', 'Dimensions', 'Measurements']);
        }
        $isFaulty = $this->coin();
        for ($i = 0, $titles = $this->random->getInt(0, 2); $i < $titles; ++$i) {
            $rows[] = ['My things, list ' . $i];
        }
        $rows[] = $heads;
        foreach (self::THINGS as $thing) {
            if ($isFaulty && $this->coin()) {
                $rows[] = array_fill(0, \count($heads), ''); // a blank row
            }
            $rows[] = $this->row($thing, $fields, $sizes, $unitInHead ? '' : $unit, $unitInHead ? $unit : '');
        }
        if ($this->coin()) {
            $rows[] = ['Total', '', '19'];
        }
        $end = $this->one(["\n", "\r\n", "\r"]);
        $text = implode(
            $end,
            array_map(fn(array $row): string => implode($separator, array_map(fn(string $cell): string => $this->quoted($cell, $separator), $row)), $rows),
        ) . $end;

        return match ($this->one(['plain', 'mark', 'wide'])) {
            'mark' => "\xEF\xBB\xBF" . $text,
            'wide' => mb_convert_encoding("\u{FEFF}" . $text, 'UTF-16LE', 'UTF-8'),
            default => $text,
        };
    }

    /**
     * @param array{string, int, int, int, string, string, int} $thing
     * @param list<string>                                      $fields
     *
     * @return list<string>
     */
    private function row(array $thing, array $fields, string $sizes, string $unit, string $headUnit): array
    {
        [$name, $count, $width, $height, $colour, $place, $cents] = $thing;
        $length = static fn(int $inches): string => ('cm' === $unit . $headUnit
            ? (string) (2.54 * $inches)
            : (string) $inches) . ('' === $unit ? '' : ('"' === $unit ? '"' : ' ' . $unit));
        $size = $length($width) . ' x ' . $length($height);
        $cells = [];
        foreach ($fields as $field) {
            $cells[] = match ($field) {
                'name' => 'in the name' === $sizes ? "{$name} {$size}" : $name,
                'count' => 2 === $count
                    ? $this->one(['2', '1 pair', 'two', '2 pcs'])
                    : (12 === $count ? $this->one(['12', 'dozen', '12 ct']) : (string) $count),
                'width' => $length($width),
                'height' => $length($height),
                'colour' => $this->one([$colour, ucfirst($colour)]),
                'place' => $this->one([$place, 'tote ' . $place, mb_strtolower($place)]),
                default => $this->one([sprintf('%.2f', $cents / 100), sprintf('$%.2f', $cents / 100), sprintf('%.2f each', $cents / 100)]),
            };
        }

        return 'one cell' === $sizes ? [...$cells, $size] : $cells;
    }

    private function quoted(string $cell, string $separator): string
    {
        return str_contains($cell, $separator) || str_contains($cell, '"') || 0 === $this->random->getInt(0, 5)
            ? '"' . str_replace('"', '""', $cell) . '"'
            : $cell;
    }

    private function coin(): bool
    {
        return 1 === $this->random->getInt(0, 1);
    }

    /**
     * @template T
     *
     * @param list<T> $of
     *
     * @return T
     */
    private function one(array $of): mixed
    {
        return $of[$this->random->getInt(0, \count($of) - 1)];
    }
}
