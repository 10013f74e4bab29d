<?php

declare(strict_types=1);

namespace App\Tests;

use App\Tests\Support\AppTestCase;

/** The sums over HTTP: what a spot fills in, what is refused where, what is kept, bought, cut and learned. */
final class WorkbenchTest extends AppTestCase
{
    public function testASpotFillsInItsMeasuresAndOffersItsOwnSums(): void
    {
        $this->signIn();
        $table = $this->sums('Dining table');
        $rail = $this->sums('Landing rail');

        self::assertSame(['table', 'cloth', 'garland', 'stems', 'fill', 'batteries'], array_column($table, 'sum'));
        self::assertSame('6', self::field($table, 'table', 'people'));
        self::assertSame(self::field($table, 'table', 'tableWidth'), self::field($table, 'cloth', 'tableWidth'), 'nothing is filled in twice');
        self::assertSame('11 ft', self::field($rail, 'garland', 'run'));
        self::assertContains(
            'Last time 14 % more than reckoned (Ribbon for the stair rail, Midwinter last year): so much is on top now.',
            array_column($rail, 'notes', 'sum')['ribbon'],
        );
        self::assertSame('14', self::field($rail, 'ribbon', 'allowance'));
    }

    public function testTheCupboardAnswersFirstAndOnlyWithWhatServesTheSeasonAndIsFree(): void
    {
        $this->signIn();
        $answer = $this->reckon('garland', ['run' => '8 ft'], 'Landing rail');
        $names = array_column($answer['supplies'][0]['taken'], 'name');

        self::assertContains('Long juniper garland', $names);
        self::assertNotContains('Oak leaf garland', $names, 'an autumn one');
        self::assertNotContains(
            'Long juniper garland',
            array_column($this->reckon('garland', ['run' => '8 ft'], 'Stove shelf')['supplies'][0]['taken'], 'name'),
            'planned for the rail',
        );
        self::assertContains(
            'Oak leaf garland',
            array_column(
                $this->call('POST', $this->home() . '/sums/garland/answer', ['values' => self::values(['run' => '30 ft'])])['supplies'][0]['taken'],
                'name',
            ),
            'without a swap all that is owned',
        );
    }

    public function testWhatCannotBeReadIsSaidAtItsFieldAllAtOnce(): void
    {
        $this->signIn();
        $problem = $this->reckon('garland', ['run' => 'long', 'section' => '0', 'packPrice' => '-4', 'offer' => 'half', 'layers' => 'two']);

        self::assertSame(422, $this->code());
        self::assertSame(['run', 'layers', 'section', 'packPrice', 'offer'], array_column($problem['violations'], 'field'));
        self::assertSame('“two” is not a number. Write it like 6 or 2.5.', $problem['violations'][1]['message']);
        $this->assertRefused(
            422,
            'A rise of 8 ft on 5 ft is steeper than a stair',
            $this->reckon('garland', ['shape' => 'slope', 'run' => '5 ft', 'rise' => '8 ft']),
            'rise',
        );
        $this->assertRefused(422, 'does not ask', $this->reckon('garland', ['colour' => 'red']), 'colour');
        $this->assertRefused(422, 'not one of the choices', $this->reckon('garland', ['shape' => 'spiral']), 'shape');
    }

    public function testAFieldThatIsNotAskedIsNotRead(): void
    {
        $this->signIn();
        $this->reckon('garland', ['shape' => 'level', 'rise' => 'nonsense']);

        self::assertSame(200, $this->code(), $this->text());
    }

    public function testWhatIsMissingGoesOnTheHaulListInPacksWithItsOffer(): void
    {
        $this->signIn();
        $answer = $this->reckon('hooks', ['run' => '12 ft', 'packSize' => '2', 'packPrice' => '6.00', 'offer' => '50 %'], 'Stove shelf');
        self::assertSame(
            [3, 1, 900, '$1.50 a piece'],
            [$answer['supplies'][0]['packs'], $answer['supplies'][0]['spare'], $answer['cost'], $answer['supplies'][0]['per']],
        );
        $lines = $this->call(
            'POST',
            $this->swap() . '/sums/hooks/lines',
            [
                'values' => self::values(['run' => '12 ft', 'packSize' => '2', 'packPrice' => '6.00', 'offer' => '50 %']),
                'spot' => $this->id('spot', 'Stove shelf'),
            ],
        )['lines'];

        self::assertSame(
            [['Garland hooks (Stove shelf)', 5, 2, 900, 'wanted']],
            array_map(static fn(array $line): array => [$line['name'], $line['needed'], $line['packSize'], $line['total'], $line['state']], $lines),
        );
        $this->undo();
        self::assertNotContains('Garland hooks (Stove shelf)', array_column($this->call('GET', $this->swap() . '/haul')['lines'], 'name'));
    }

    /** A roll that was bought for a sum is as long as the sum said, not as wide as it lies. */
    public function testWhatWasBoughtForASumRunsAsLongAsItWasReckoned(): void
    {
        $this->signIn();
        $line = $this->call(
            'POST',
            $this->swap() . '/sums/ribbon/lines',
            ['values' => self::values(['run' => '24 ft', 'roll' => '30 ft', 'packPrice' => '5'])],
        )['lines'][0];
        foreach (['ordered', 'got'] as $state) {
            $line = $this->call('PUT', $this->home() . "/lines/{$line['id']}/state", ['state' => $state, 'version' => $line['version']]);
            self::assertSame(200, $this->code(), $this->text());
        }
        $ribbon = $this->reckon('ribbon', ['run' => '24 ft']);

        self::assertSame(0, $ribbon['supplies'][0]['missing']);
        self::assertContains('30 ft', array_column($ribbon['supplies'][0]['taken'], 'run'));
    }

    /** A garland is as long as it is wide: cut later, it is drawn as short as it then is. */
    public function testAGarlandThatWasBoughtForASumIsNoRoll(): void
    {
        $this->signIn();
        $line = $this->call(
            'POST',
            $this->swap() . '/sums/garland/lines',
            ['values' => self::values(['run' => '40 ft', 'section' => '9 ft', 'packPrice' => '5'])],
        )['lines'][0];
        $line = $this->call('PUT', $this->home() . "/lines/{$line['id']}/state", ['state' => 'got', 'version' => $line['version']]);
        self::assertSame(200, $this->code(), $this->text());

        self::assertSame(
            [9 * 12 * 254, null],
            array_values((array) $this->db()->fetchAssociative('SELECT width, laid_out FROM piece WHERE id = ?', [$line['becamePiece']])),
        );
    }

    public function testCuttingLeavesTrueRemaindersAndIsUndone(): void
    {
        $this->signIn();
        $piece = $this->id('piece', 'Long juniper garland');
        $before = $this->garlands();
        $answer = $this->reckon('garland', ['run' => '6 ft'], 'Landing rail');
        self::assertTrue($answer['canCut']);
        $this->call(
            'POST',
            $this->home() . '/sums/garland/cuts',
            ['values' => self::values(['run' => '6 ft', 'overhang' => '0']), 'swap' => basename($this->swap()), 'spot' => $this->id('spot', 'Landing rail')],
        );
        self::assertLessThan(300, $this->code(), $this->text());

        self::assertEqualsWithDelta(array_sum($before), array_sum($this->garlands()), 0.1, 'no length is made or lost');
        self::assertNotSame($before, $this->garlands());
        self::assertSame(
            [],
            $this->db()->fetchAllAssociative(
                'SELECT s.piece_id FROM standing s JOIN piece p ON p.id = s.piece_id GROUP BY s.piece_id HAVING SUM(s.count) <> MAX(p.count)',
            ),
            'the books of a piece and its places',
        );
        $this->undo();
        self::assertSame($before, $this->garlands());
        self::assertSame('Long juniper garland', $this->db()->fetchOne('SELECT name FROM piece WHERE id = ?', [$piece]));
    }

    /** Two rolls of 15 ft: what is used up leaves, what is left of each stays by its length. */
    public function testRibbonIsCutOffPartRollsAndWhatIsLeftStays(): void
    {
        $this->signIn();
        $body = ['values' => self::values(['run' => '9 ft', 'allowance' => '0']), 'swap' => basename($this->swap())];
        $this->call('POST', $this->home() . '/sums/ribbon/cuts', $body);
        $rolls = $this->db()->fetchAllKeyValue(
            "SELECT p.name, p.laid_out / 254.0 FROM piece p JOIN standing s ON s.piece_id = p.id AND s.place <> 'parted' AND s.count > 0 "
                . "WHERE p.kind = 'ribbon' AND p.removed_at IS NULL",
        );

        self::assertEqualsWithDelta(2 * 180 - 18 * 12, array_sum($rolls), 0.01, '18 lengths of 12 in off 30 ft');
    }

    public function testNothingIsCutThatIsNotThere(): void
    {
        $this->signIn();
        $this->assertRefused(
            422,
            'Nothing of this is cut',
            $this->call('POST', $this->home() . '/sums/lights/cuts', ['values' => [], 'swap' => basename($this->swap())]),
        );
    }

    public function testASumIsKeptChangedAndTaughtByWhatItTook(): void
    {
        $this->signIn();
        $spot = $this->id('spot', 'Stove shelf');
        $body = [
            'name' => 'Shelf ribbon',
            'sum' => 'ribbon',
            'values' => self::values(['run' => '10 ft', 'accentEvery' => '12 in', 'accentLength' => '12 in', 'allowance' => '50']),
            'swap' => basename($this->swap()),
            'spot' => $spot,
        ];
        $kept = $this->call('POST', $this->home() . '/kept-sums', $body);
        self::assertSame(['10 ft', null], [$kept['reckoned'], $kept['used']], 'reckoned without what goes on top');

        $this->assertRefused(409, 'changed by someone else', $this->call('PUT', $this->home() . "/kept-sums/{$kept['id']}", $body + ['version' => 0]));
        $this->assertRefused(422, 'not a length', $this->call('PUT', $this->home() . "/kept-sums/{$kept['id']}/used", ['used' => 'plenty']), 'used');
        $used = $this->call('PUT', $this->home() . "/kept-sums/{$kept['id']}/used", ['used' => '12 ft']);
        self::assertSame(['12 ft', 20], [$used['used'], $used['more']]);
        self::assertNotContains('allowance', array_column($used['given'], 'name'), 'opened again it starts from what it took');
        self::assertSame('20', self::field($this->sums('Stove shelf'), 'ribbon', 'allowance'));
        self::assertSame('12 in', self::field($this->sums('Stove shelf'), 'ribbon', 'accentEvery'), 'how it was done is a habit now');

        $this->undo();
        self::assertSame('14', self::field($this->sums('Stove shelf'), 'ribbon', 'allowance'), 'what the rail took teaches again');
        $this->call('DELETE', $this->home() . "/kept-sums/{$kept['id']}");
        self::assertNotContains('Shelf ribbon', array_column($this->call('GET', $this->home() . '/sums')['kept'], 'name'));
    }

    public function testAKeptSumIsATaskOfTheDayBeforeItsSpotIsSetUp(): void
    {
        $this->signIn();
        $body = [
            'name' => 'Shelf ribbon',
            'sum' => 'ribbon',
            'values' => self::values(['run' => '5 ft']),
            'swap' => basename($this->swap()),
            'spot' => $this->id('spot', 'Stove shelf'),
        ];
        $this->call('POST', $this->swap() . '/day', ['people' => 2]);
        $kept = $this->call('POST', $this->home() . '/kept-sums', $body);
        self::assertTrue($this->call('GET', $this->swap() . '/day')['isStale'], 'the sheet knows nothing of it yet');
        $tasks = $this->call('POST', $this->swap() . '/day', ['people' => 2])['tasks'];
        $mine = array_values(array_filter(
            $tasks,
            static fn(array $task): bool => 'prepare' === $task['phase'] && str_starts_with($task['title'], 'Cut ribbon'),
        ));

        self::assertCount(1, $mine);
        self::assertSame('Cut ribbon: 10 lengths, 10 ft (Stove shelf)', $mine[0]['title']);
        $phases = array_column($tasks, 'phase');
        self::assertGreaterThan(array_search('prepare', $phases, true), array_search('set up', $phases, true), 'made ready before anything is set up');
        $this->call('DELETE', $this->home() . "/kept-sums/{$kept['id']}");
        self::assertNotContains($mine[0]['title'], array_column($this->call('POST', $this->swap() . '/day', ['people' => 2])['tasks'], 'title'));
    }

    public function testAClosedSeasonKeepsItsSumsAsTheyWere(): void
    {
        $this->signIn();
        $old = $this->id('kept_sum', 'Ribbon for the stair rail');

        $this->assertRefused(409, 'is closed', $this->call('PUT', $this->home() . "/kept-sums/{$old}/used", ['used' => '9 ft']));
        $this->assertRefused(409, 'is closed', $this->call('DELETE', $this->home() . "/kept-sums/{$old}"));
        $closed = $this->db()->fetchOne('SELECT swap_id FROM kept_sum WHERE id = ?', [$old]);
        $this->assertRefused(
            409,
            'is closed',
            $this->call('POST', $this->home() . '/kept-sums', ['name' => 'Late', 'sum' => 'garland', 'values' => [], 'swap' => $closed, 'spot' => null]),
        );
    }

    public function testAMetricHomeReadsAndSaysCentimetres(): void
    {
        $this->signIn();
        $home = $this->call('POST', '/api/homes', ['name' => 'Kai', 'unit' => 'cm', 'currency' => '€', 'giftMoney' => 'apart']);
        $garland = array_column($this->call('GET', "/api/homes/{$home['id']}/sums")['sums'], null, 'sum')['garland'];
        self::assertSame('180 cm', self::field([$garland], 'garland', 'section'), 'round figures of its own');
        $answer = $this->call('POST', "/api/homes/{$home['id']}/sums/garland/answer", ['values' => self::values(['run' => '3,60', 'section' => '180'])]);

        self::assertSame('one length of garland for 3.6 cm', $answer['figures'][0], 'a bare number is in centimetres');
        $answer = $this->call(
            'POST',
            "/api/homes/{$home['id']}/sums/garland/answer",
            ['values' => self::values(['run' => '3,60 m', 'section' => '180', 'packPrice' => '9'])],
        );
        self::assertSame('2 lengths of garland for 3.6 m', $answer['figures'][0]);
        self::assertSame('€5.00 a metre', $answer['supplies'][0]['per']);
    }

    /** @return list<array<string, mixed>> the sums of a spot of Ferry House */
    private function sums(string $spot): array
    {
        return $this->call('GET', $this->home() . '/sums?' . http_build_query(['swap' => basename($this->swap()), 'spot' => $this->id('spot', $spot)]))['sums'];
    }

    /**
     * @param array<string, string> $values
     *
     * @return array<mixed>
     */
    private function reckon(string $sum, array $values, ?string $spot = null): array
    {
        return $this->call(
            'POST',
            $this->home() . "/sums/{$sum}/answer",
            ['values' => self::values($values), 'swap' => basename($this->swap()), 'spot' => null === $spot ? null : $this->id('spot', $spot)],
        );
    }

    /** @return array<string, float> inches of garland at hand by name, all units */
    private function garlands(): array
    {
        $rows = $this->db()->fetchAllNumeric(
            "SELECT p.name, p.width / 254.0 * SUM(s.count) FROM piece p JOIN standing s ON s.piece_id = p.id AND s.place <> 'parted' "
                . "WHERE p.kind = 'garland' AND p.removed_at IS NULL GROUP BY p.id HAVING SUM(s.count) > 0 ORDER BY 1, 2",
        );
        $inches = [];
        foreach ($rows as [$name, $length]) {
            $inches[$name] = ($inches[$name] ?? 0.0) + $length;
        }

        return $inches;
    }

    /**
     * @param array<string, string> $values
     *
     * @return list<array{name: string, text: string}>
     */
    private static function values(array $values): array
    {
        return array_map(static fn(string $name, string $text): array => ['name' => $name, 'text' => $text], array_keys($values), $values);
    }

    /** @param list<array<string, mixed>> $sums */
    private static function field(array $sums, string $sum, string $ask): string
    {
        return array_column(array_column($sums, 'asks', 'sum')[$sum], 'text', 'name')[$ask] ?? '';
    }
}
