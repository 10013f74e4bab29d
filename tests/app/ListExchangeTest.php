<?php

declare(strict_types=1);

namespace App\Tests;

use App\Tests\Support\AppTestCase;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;

/** Totes and haul lines out as tables and in again: looked through first, nothing overwritten, nothing half stored. */
final class ListExchangeTest extends AppTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
    }

    public function testTotesComeBackAsTheyWere(): void
    {
        $before = $this->file($this->home() . '/totes.csv');
        self::assertStringStartsWith("code,place,width,depth,height,conditions,most weight\r\n", $before);
        $this->db()->executeStatement("UPDATE tote SET removed_at = '2026-01-01 00:00:00', code = code || ' old' WHERE home_id = ?", [basename($this->home())]);
        $taken = $this->totes($before, true);

        self::assertSame([10, 0, 0, []], [$taken['good'], $taken['known'], $taken['bad'], $taken['ignored']], $this->text());
        self::assertSame($before, $this->file($this->home() . '/totes.csv'));
    }

    public function testLookingThroughStoresNothingAndSaysWhatWouldHappen(): void
    {
        $csv = "Bin;Where;Inside (cm);W;D;H;Exposed to"
            . "\nB1;loft;;60;40;30;heat\nA1;attic;;60;40;30;\nB1;shed;;60;40;30;damp\nB2;shed;;60;40;0;damp\nB3;shed;;60;40;30;frost\n;shed;;60;40;30;\n";
        $count = (int) $this->db()->fetchOne('SELECT COUNT(*) FROM tote');
        $read = $this->totes($csv, false);

        self::assertSame([1, 1, 4, ['Inside (cm)'], []], [$read['good'], $read['known'], $read['bad'], $read['ignored'], $read['kept']]);
        self::assertSame([2, 'B1', 'loft, 60 × 40 × 30, heat'], [$read['rows'][0]['line'], $read['rows'][0]['title'], $read['rows'][0]['detail']]);
        self::assertSame('Tote A1, attic', $read['rows'][1]['known']);
        foreach ([
            2 => 'There is already a tote B1',
            3 => 'needs all three measures above 0',
            4 => '“frost” is not a condition: write heat, damp or light.',
            5 => 'Give the tote a code',
        ] as $row => $sentence) {
            self::assertStringContainsString($sentence, implode(' ', $read['rows'][$row]['problems']));
        }
        self::assertSame($count, (int) $this->db()->fetchOne('SELECT COUNT(*) FROM tote'));
    }

    public function testABadRowKeepsAllOfThemOutUntilTheGoodOnesAreAskedFor(): void
    {
        $csv = "code,place,width,depth,height\nB1,loft,20,16,12\nB2,loft,twenty,16,12\n";
        $this->assertRefused(422, '1 of 2 rows cannot be taken in.', $this->totes($csv, true), 'leaveOutBad');
        self::assertFalse($this->db()->fetchOne("SELECT id FROM tote WHERE code = 'B1'"));
        $taken = $this->totes($csv, true, true);

        self::assertSame([$this->id('tote', 'B1')], $taken['kept']);
        self::assertSame(5080, (int) $this->db()->fetchOne("SELECT width FROM tote WHERE code = 'B1'"));
        $this->call('DELETE', $this->home() . '/totes/' . $taken['kept'][0]);
        self::assertSame(204, $this->code());
    }

    public function testTheHaulComesBackAsItWas(): void
    {
        $before = $this->file($this->swap() . '/lines.csv');
        $wanted = static fn(string $csv): array => array_map(
            static fn(string $row): array => \array_slice(str_getcsv($row, ',', '"', ''), 0, 11),
            \array_slice(explode("\r\n", trim($csv)), 1),
        );
        $this->db()->executeStatement("UPDATE haul_line SET state = 'dropped', name = 'old ' || name");
        $read = $this->lines($before, false);
        self::assertSame([0, ['state', 'packs', 'total']], [$read['bad'], $read['ignored']], $this->text());
        $this->lines($before, true);
        $after = array_values(array_filter(
            $wanted($this->file($this->swap() . '/lines.csv')),
            static fn(array $row): bool => !str_starts_with((string) $row[0], 'old '),
        ));

        self::assertSame($wanted($before), $after);
    }

    public function testALineIsCompletedAndPricedAsIfItHadBeenTyped(): void
    {
        $taken = $this->lines(
            "Item,Qty,Price,Offer,Pack of,Size,Color\n\"Glass baubles, small\",7,\$9.00,40 %,3,jar 8 in,ice blue\nFir garland 6 ft,2,24,3 for 2,,6 ft,"
                . "\nBrass bell,1,12,1.50 off,,,\n",
            true,
            true,
        );
        self::assertSame([3, 0], [$taken['good'], $taken['bad']], $this->text());
        self::assertSame(
            ['buy 7 (bauble), $16.20', 'buy 2 (garland), $48.00', 'buy 1 (bell), $10.50'],
            array_column($taken['rows'], 'detail'),
            'A bell without a size is as large as bells are.',
        );
        $again = $this->lines("name,price,size\nfir garland 6 ft,24,6 ft\n", false);

        self::assertSame(['Fir garland 6 ft, wanted'], array_column($again['rows'], 'known'));
    }

    /** @return iterable<string, array{string, string}> row, sentence */
    public static function badLines(): iterable
    {
        yield 'no kind' => ['Thing,1,5,,9 in,red', 'What kind of thing is it?'];
        yield 'an offer nobody knows' => ['Red vase,1,5,half price,9 in,red', '“half price” is not an offer: write 40 %, 2.50 off, or 3 for 2.'];
        yield 'an offer that cannot be' => ['Red vase,1,5,2 for 3,9 in,red', 'pay'];
        yield 'a count in words' => ['Red vase,two,5,,9 in,red', '“two” is not a number of pieces.'];
        yield 'a price in words' => ['Red vase,1,cheap,,9 in,red', 'cheap'];
        yield 'a colour nobody knows' => ['Red vase,1,5,,9 in,vermouth', '“vermouth” is not a colour word we know'];
    }

    #[DataProvider('badLines')]
    public function testARowThatCannotBeALineSaysWhatToMend(string $row, string $sentence): void
    {
        $read = $this->lines("name,needed,price,offer,size,colour\n{$row}\n", false);

        self::assertSame(1, $read['bad'], $this->text());
        self::assertStringContainsString($sentence, implode(' ', $read['rows'][0]['problems']));
    }

    #[TestWith(['', 'The file is empty.'])]
    #[TestWith(["place\nloft\n", 'Call one of them “code”.'])]
    #[TestWith(["code,tote\nA,B\n", 'would both be the code'])]
    public function testAFileThatIsNoListIsRefusedAsAWhole(string $text, string $sentence): void
    {
        $this->assertRefused(422, $sentence, $this->totes($text, false), 'file');
    }

    public function testAListOfMoreRowsThanCanBeTakenIsRefused(): void
    {
        $this->assertRefused(422, 'at most 500 can be taken in at once', $this->totes("code\n" . implode("\n", range(1, 501)), false), 'file');
    }

    public function testAHelperMayNotBringListsIn(): void
    {
        $this->signIn(self::HELPER);
        $this->totes("code,place,width,depth,height\nB1,loft,20,16,12\n", true);

        self::assertSame(403, $this->code());
    }

    private function file(string $path): string
    {
        $this->browser->request('GET', $path);
        self::assertSame('text/csv; charset=utf-8', strtolower((string) $this->browser->getResponse()->headers->get('Content-Type')));

        return $this->text();
    }

    /** @return array<mixed> */
    private function totes(string $csv, bool $keep, bool $leaveOutBad = false): array
    {
        return $this->call('POST', $this->home() . '/totes/table', ['base64' => base64_encode($csv), 'keep' => $keep, 'leaveOutBad' => $leaveOutBad]);
    }

    /** @return array<mixed> */
    private function lines(string $csv, bool $keep, bool $leaveOutBad = false): array
    {
        return $this->call('POST', $this->swap() . '/lines/table', ['base64' => base64_encode($csv), 'keep' => $keep, 'leaveOutBad' => $leaveOutBad]);
    }
}
