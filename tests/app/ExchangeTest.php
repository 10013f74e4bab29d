<?php

declare(strict_types=1);

namespace App\Tests;

use App\Tests\Support\AppTestCase;

/** Pieces out as a table and in again: nothing lost, nothing stored that cannot be, nothing run by a spreadsheet. */
final class ExchangeTest extends AppTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
    }

    public function testATableOfAllPiecesComesBackAsItWas(): void
    {
        $before = $this->csv($this->home());
        $this->db()->executeStatement(
            "UPDATE piece SET name = name || ' old', removed_at = '2026-01-01 00:00:00' WHERE home_id = ?",
            [substr($this->home(), \strlen('/api/homes/'))],
        );
        $read = $this->read($before);
        self::assertSame(
            [120, 0, []],
            [$read['rows'], $read['bad'], array_column($read['shown'], 'problems') === [] ? [] : array_merge(...array_column($read['shown'], 'problems'))],
        );
        $this->take($read['id'], false, false);

        self::assertSame($before, $this->csv($this->home()));
    }

    public function testNothingIsStoredWhileARowIsBadAndTheOthersOnlyWhenToldTo(): void
    {
        $csv = "Item;Qty;Size;Colour;Box;Paid\n\"Brass bell, small\";2;4 x 4 x 6 in;brass;A1;4,50\nBlue vase;minus one;9 in;blue;A1;\nRed bowl;1;"
            . "12 in;red;Z9;\n";
        $read = $this->read($csv);
        self::assertSame([3, 1, 2], [$read['rows'], $read['good'], $read['bad']]);
        self::assertSame(
            [3, ['“minus one” is not a count from 1 to 999.']],
            [$read['shown'][0]['line'], array_column($read['shown'][0]['problems'], 'sentence')],
        );
        self::assertSame(['“Z9” is not a tote or a spot of this home.'], array_column($read['shown'][1]['problems'], 'sentence'));
        $units = array_sum($this->unitsByPiece());
        $this->assertRefused(422, '2 of 3 rows cannot be taken in.', $this->take($read['id'], false, false), 'leaveOutBad');
        self::assertSame($units, array_sum($this->unitsByPiece()));
        $progress = $this->take($read['id'], true, false);

        self::assertSame([3, 3, 1], [$progress['done'], $progress['rows'], $progress['made']]);
        self::assertSame($units + 2, array_sum($this->unitsByPiece()));
        self::assertSame(450, (int) $this->db()->fetchOne("SELECT cost_each FROM piece WHERE name = 'Brass bell, small'"));
    }

    public function testWhatLooksLikeSomethingOwnedIsSaidAndCanBeLeftOut(): void
    {
        $read = $this->read(
            "name,kind,count,width,height,colour\nheron,heron,1,9 in,19 in,tallow\nGrey stork,heron,1,9 in,19 in,tallow\nNew star,star,1,7 in,7 in,gold\n",
        );
        self::assertSame(2, $read['doubles']);
        self::assertSame(['Heron: the same name', 'heron: the same kind, size and colour'], \array_slice(array_column($read['shown'], 'like'), 0, 2));

        self::assertSame(1, $this->take($read['id'], false, true)['made']);
    }

    public function testATableTakenInCanBeTakenBack(): void
    {
        $read = $this->read("name,kind,height,colour\nTin moon,star,7 in,silver grey\n");
        $this->take($read['id'], false, false);
        $this->call('DELETE', $this->home() . '/tables/' . $read['id']);

        self::assertNotNull($this->db()->fetchOne("SELECT removed_at FROM piece WHERE name = 'Tin moon'"));
    }

    /** @return iterable<string, array{string, string}> file, sentence */
    public static function filesThatAreNoTable(): iterable
    {
        yield 'nothing in it' => ['', 'The file is empty.'];
        yield 'no text at all' => ["\x89PNG\r\n\x1a\n\0\0\0\rIHDR", 'The text of this file cannot be read.'];
    }

    #[\PHPUnit\Framework\Attributes\DataProvider('filesThatAreNoTable')]
    public function testAFileThatIsNoTableIsRefusedInWords(string $bytes, string $sentence): void
    {
        $this->assertRefused(422, $sentence, $this->read($bytes), 'file');
    }

    public function testCellsThatASpreadsheetWouldRunAreMadeHarmlessAndComeBackTheSame(): void
    {
        $piece = $this->call('POST', $this->home() . '/intake', ['line' => '"=HYPERLINK(evil)" brass bell 6 in', 'otherwise' => '', 'colours' => []]);
        self::assertSame('=HYPERLINK(evil)', $piece['name']);
        $csv = $this->csv($this->home());

        self::assertStringContainsString("\r\n'=HYPERLINK(evil),bell", $csv);
        self::assertStringContainsString(
            '=HYPERLINK(evil): the same name',
            json_encode($this->read($csv)['shown'], \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE),
        );
    }

    /** @return array<mixed> */
    private function read(string $bytes): array
    {
        return $this->call('POST', $this->home() . '/tables', ['base64' => base64_encode($bytes)]);
    }

    /** @return array<mixed> */
    private function take(string $table, bool $leaveOutBad, bool $leaveOutDoubles): array
    {
        return $this->call('PUT', $this->home() . '/tables/' . $table, ['leaveOutBad' => $leaveOutBad, 'leaveOutDoubles' => $leaveOutDoubles, 'most' => 1000]);
    }

    private function csv(string $home): string
    {
        $this->browser->request('GET', $home . '/pieces.csv');
        self::assertSame(200, $this->code());
        self::assertStringStartsWith('text/csv', (string) $this->browser->getResponse()->headers->get('Content-Type'));

        return $this->text();
    }
}
