<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Intake;

use BrightCupboard\Core\Intake\CsvTable;
use BrightCupboard\Core\Intake\TableOf;
use BrightCupboard\Tests\Core\Support\Reference;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** CSV files (RFC 4180, and as people save them) against the npm package Papa Parse, on seeded texts with quotes, breaks and blanks in every place. */
final class CsvReferenceTest extends TestCase
{
    private const CELLS = [
        'brass bell', '', 'rust, plum', 'a;b', "two\nlines", 'said "yes"', '9 1/2 in', 'Ümläut', '柿', '""', ' inside ', "tab\there",
        '-4', '24,5',
    ];
    private const ENDS = ["\n", "\r\n"];

    public function testSeededFilesAreReadAsTheReferenceReadsThem(): void
    {
        $random = new Randomizer(new Mt19937(5));
        $files = [];
        for ($i = 0; $i < 240; ++$i) {
            $separator = [',', ';', "\t"][$i % 3];
            $files[] = ['text' => $this->file($random, $separator), 'separator' => $separator];
        }
        /** @var list<array{rows: list<list<string>>}> $answers */
        $answers = Reference::ask(__DIR__ . '/csv.mjs', $files);
        foreach ($files as $i => $file) {
            $table = CsvTable::read($file['text'], TableOf::Totes); // a row of one cell is no heading there
            $plain = static fn(array $row): array => array_map(static fn(string $cell): string => trim(str_replace("\r\n", "\n", $cell)), $row);

            self::assertSame(
                array_map($plain, $answers[$i]['rows']),
                array_map($plain, [$table->heads, ...$table->rows]),
                json_encode($file['text'], \JSON_THROW_ON_ERROR),
            );
        }
    }

    /** Three columns with their heads, some cells quoted without need, some blank lines, with or without a last line end. */
    private function file(Randomizer $random, string $separator): string
    {
        $end = self::ENDS[$random->getInt(0, 1)];
        $lines = [implode($separator, ['name', 'kind', 'care'])];
        for ($row = 0, $rows = $random->getInt(1, 6); $row < $rows; ++$row) {
            if (0 === $random->getInt(0, 4)) {
                $lines[] = '';
            }
            $cells = array_map(fn(): string => $this->cell($random, $separator), range(1, 3));
            $lines[] = implode($separator, '' === trim(implode('', $cells), '" ') ? ['x', ...\array_slice($cells, 1)] : $cells);
        }

        return implode($end, $lines) . (0 === $random->getInt(0, 1) ? '' : $end);
    }

    private function cell(Randomizer $random, string $separator): string
    {
        $cell = self::CELLS[$random->getInt(0, \count(self::CELLS) - 1)];
        $needsQuotes = str_contains($cell, $separator) || 1 === preg_match('/["\n]/', $cell);

        return $needsQuotes || 0 === $random->getInt(0, 5) ? '"' . str_replace('"', '""', $cell) . '"' : $cell;
    }
}
