<?php

declare(strict_types=1);

namespace App\Tests;

use App\Tests\Support\AppTestCase;
use BrightCupboard\Tests\Core\Support\Reference;

/** The tables that are written, as the reader Papa Parse takes them: every row whole, every figure the one that the pages show. */
final class WrittenTablesTest extends AppTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
    }

    public function testPiecesAreWrittenAsTheyAreShown(): void
    {
        $this->db()->executeStatement("UPDATE piece SET care = 'wipe, then \"dry\"; keep' || char(10) || 'from the sun' WHERE name = 'Heron'");
        $rows = $this->rows($this->home() . '/pieces.csv');
        $pieces = array_column($this->call('GET', $this->home() . '/pieces?limit=1000')['pieces'], null, 'name');

        self::assertCount(\count($pieces), $rows);
        foreach ($rows as $row) {
            $piece = $pieces[$row['name']];
            self::assertSame([$piece['kind'], $piece['count'], $piece['care']], [$row['kind'], (int) $row['count'], $row['care']], $row['name']);
            self::assertEqualsWithDelta(
                [$piece['width'], $piece['depth'], $piece['height']],
                array_map(static fn(string $side): float => 254 * (float) $row[$side], ['width', 'depth', 'height']),
                0.5,
                $row['name'],
            );
            self::assertSame([$piece['weight'] . ' g', $piece['costEach']], [$row['weight'], (int) round(100 * (float) $row['cost each'])], $row['name']);
            self::assertSame(
                array_map(static fn(array $colour): string => $colour['hex'] . ' ' . $colour['percent'], $piece['colours']),
                explode(', ', $row['colours']),
                $row['name'],
            );
        }
        self::assertStringContainsString("\n", array_column($rows, 'care', 'name')['Heron']);
    }

    public function testTotesAreWrittenAsTheyAreShown(): void
    {
        $totes = array_column($this->call('GET', $this->home() . '/house')['totes'], null, 'code');
        $rows = $this->rows($this->home() . '/totes.csv');

        self::assertSame(array_keys($totes), array_column($rows, 'code'));
        foreach ($rows as $row) {
            $tote = $totes[$row['code']];
            self::assertSame([$tote['place'], implode(', ', $tote['conditions'])], [$row['place'], $row['conditions']]);
            self::assertEqualsWithDelta(
                [$tote['width'], $tote['depth'], $tote['height']],
                array_map(static fn(string $side): float => 254 * (float) $row[$side], ['width', 'depth', 'height']),
                0.5,
            );
            self::assertSame(null === $tote['mostWeight'] ? '' : $tote['mostWeight'] . ' g', $row['most weight']);
        }
    }

    public function testTheHaulIsWrittenToTheCent(): void
    {
        $haul = $this->call('GET', $this->swap() . '/haul');
        $lines = array_column($haul['lines'], null, 'name');
        $rows = $this->rows($this->swap() . '/lines.csv');
        $charged = 0;
        foreach ($rows as $row) {
            $line = $lines[$row['name']];
            self::assertSame(
                [$line['way'], $line['state'], $line['packs'], $line['needed']],
                [$row['way'], $row['state'], (int) $row['packs'], (int) $row['needed']],
                $row['name'],
            );
            self::assertSame($line['total'], (int) round(100 * (float) $row['total']), $row['name']);
            $charged += 'purse' === $row['paid with'] && \in_array($row['state'], ['got', 'ordered', 'wanted'], true) ? $line['total'] : 0;
        }

        self::assertCount(\count($lines), $rows);
        self::assertSame(
            $haul['purse']['budget'] - $haul['purse']['free'],
            $charged,
            'the rows of the table add up to what the purse has spent, ordered and planned',
        );
    }

    public function testCellsThatASpreadsheetWouldRunAreText(): void
    {
        foreach (['=1+1', '+41', '-2 left', '@home', "\tindented"] as $i => $name) {
            $this->db()->executeStatement('UPDATE tote SET place = ? WHERE code = ?', [$name, ['A1', 'A2', 'A3', 'A4', 'C1'][$i]]);
        }
        foreach (array_column($this->rows($this->home() . '/totes.csv'), 'place') as $place) {
            self::assertDoesNotMatchRegularExpression('/^[=+\-@\t]/', $place);
        }
    }

    /** @return list<array<string, string>> by heading */
    private function rows(string $path): array
    {
        $this->browser->request('GET', $path);
        self::assertSame(200, $this->code());
        /** @var array{rows: list<list<string>>} $read */
        $read = Reference::ask(\dirname(__DIR__) . '/core/Intake/csv.mjs', [['text' => $this->text(), 'separator' => ',']])[0];
        $heads = array_shift($read['rows']) ?? [];

        return array_map(static fn(array $row): array => array_combine($heads, $row), $read['rows']);
    }
}
