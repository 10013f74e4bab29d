<?php

declare(strict_types=1);

namespace App\Tests;

use App\Tests\Support\AppTestCase;

/** One swap over HTTP: look, table, rooms, haul, day sheet, settle. */
final class SwapTest extends AppTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
    }

    public function testTheStockAnswersALookThatIsNotSavedYet(): void
    {
        $look = $this->look();
        $before = $this->call('POST', $this->swap() . '/look-answer', $look);
        self::assertSame(120, $before['in'] + $before['near'] + $before['outside']);
        self::assertEqualsWithDelta(1.0, array_sum($before['placed']), 1e-9);

        $look['ribbons'][2]['hex'] = '#2040FF';
        $after = $this->call('POST', $this->swap() . '/look-answer', $look);
        self::assertLessThan($before['in'], $after['in']);
        self::assertNotSame('#2040FF', $this->db()->fetchOne('SELECT ribbons FROM look WHERE id = ?', [$look['id'] ?? '']));
    }

    public function testALookWithSharesThatDoNotSumIsRefusedAndOneWithoutRibbonsJudgesNothing(): void
    {
        $answer = $this->call('POST', $this->swap() . '/look-answer', ['ribbons' => []] + $this->look());
        self::assertSame(
            [0, ['not judged']],
            [$answer['in'] + $answer['near'] + $answer['outside'], array_values(array_unique(array_column($answer['answers'], 'verdict')))],
        );

        $look = $this->look();
        $look['ribbons'][0]['percent'] = 41;
        $this->assertRefused(422, 'must add up to 100 %, they add up to 101 %', $this->call('POST', $this->swap() . '/look-answer', $look), 'ribbons');
        $look['ribbons'][0]['hex'] = 'beige';
        $this->assertRefused(422, '“beige” is not a colour', $this->call('POST', $this->swap() . '/look-answer', $look), 'ribbons[0]');
    }

    public function testTheFigureOfAPieceCanBeOpened(): void
    {
        $fit = $this->call('GET', $this->swap() . '/pieces/' . $this->id('piece', 'Stoneware jug') . '/fit');

        self::assertSame('Ember', $fit['colours'][0]['ribbon']);
        self::assertSame(100, array_sum(array_column($fit['colours'], 'percent')));
    }

    public function testEveryPieceHasASuggestionWithAReason(): void
    {
        $table = $this->call('GET', $this->swap() . '/table');

        self::assertCount(120, $table['rows']);
        self::assertNotContains('', array_column($table['rows'], 'reason'));
        self::assertSame(
            \count(array_filter(array_column($table['rows'], 'choice'))),
            $this->call('GET', $this->swap() . '/stations')['decided'],
        );
    }

    /** However the stock is cut into windows, together they are the whole table. */
    public function testTheTableIsReadInWindows(): void
    {
        $whole = $this->call('GET', $this->swap() . '/table');
        foreach ([1, 7, 50, 119, 120, 1000] as $size) {
            $rows = [];
            for ($offset = 0; $offset < $whole['total']; $offset += $size) {
                $rows = [...$rows, ...$this->call('GET', $this->swap() . "/table?offset={$offset}&limit={$size}")['rows']];
            }
            self::assertSame($whole['rows'], $rows, "windows of {$size}");
        }
        self::assertSame([], $this->call('GET', $this->swap() . '/table?offset=500')['rows']);
        self::assertCount(1, $this->call('GET', $this->swap() . '/table?offset=-3&limit=0')['rows'], 'one at least, from the first');
    }

    public function testWhatStaysIsPlannedWhereItStandsAndRestingTakesThatBack(): void
    {
        $piece = $this->id('piece', 'Hall crock');
        $this->decide($piece, 'stay', 0);
        self::assertSame(1, $this->placements($piece));
        $this->decide($piece, 'rest', 1);
        self::assertSame(0, $this->placements($piece));
    }

    public function testTwoPeopleDecidingTheSamePieceSeeBoth(): void
    {
        $piece = $this->id('piece', 'Hall crock');
        $this->decide($piece, 'stay', 0);
        $problem = $this->decide($piece, 'part', 0);

        $this->assertRefused(409, 'Orla decided on Hall crock meanwhile: stay.', $problem);
        self::assertSame('stay', $problem['current']['decisions'][0]['choice']);
        self::assertSame(
            'stay',
            $this->db()->fetchOne('SELECT choice FROM decision d JOIN swap s ON s.id = d.swap_id WHERE piece_id = ? AND s.closed_at IS NULL', [$piece]),
        );
    }

    public function testAPiecePlannedElsewhereIsNotSentToRest(): void
    {
        $piece = $this->id('piece', 'Heron');
        $version = (int) $this->db()->fetchOne('SELECT version FROM decision WHERE piece_id = ?', [$piece]);

        $this->assertRefused(409, 'Heron is planned for Stove shelf. Take it off there first', $this->decide($piece, 'rest', $version));
    }

    public function testAUnitUsedInOneSpotIsNotOfferedInAnother(): void
    {
        $lantern = $this->id('piece', 'Brass lantern');
        $before = $this->call('GET', $this->swap() . '/spots/' . $this->id('spot', 'Hall console') . '/candidates');
        self::assertContains($lantern, array_column($before['candidates'], 'piece'));
        $this->place($lantern, 'Stove shelf');
        self::assertSame(201, $this->code(), $this->text());
        $after = $this->call('GET', $this->swap() . '/spots/' . $this->id('spot', 'Hall console') . '/candidates');
        self::assertNotContains($lantern, array_column($after['candidates'], 'piece'));

        $this->assertRefused(422, 'Every Brass lantern is placed already, lent or lost.', $this->place($lantern, 'Hall console'), 'count');
    }

    public function testMovingAPlacedPieceChangesWhatTheCoachMeasures(): void
    {
        $dressing = $this->call('GET', $this->swap() . '/spots/' . $this->id('spot', 'Stove shelf'));
        $heron = array_values(array_filter($dressing['placements'], fn(array $p): bool => $p['piece'] === $this->id('piece', 'Heron')))[0];
        $moved = $this->call(
            'PUT',
            $this->swap() . '/placements/' . $heron['id'],
            [
                'piece' => $heron['piece'],
                'spot' => $dressing['spot'],
                'count' => 1,
                'left' => 14_000,
                'layer' => 'back',
                'raise' => 0,
                'version' => $heron['version'],
            ],
        );

        self::assertGreaterThan($dressing['momentRight'], $moved['momentRight']);
        self::assertStringContainsString(
            'Heron is where it must stay clear (the flue).',
            json_encode($moved['findings'], \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_SLASHES),
        );
        $this->call(
            'PUT',
            $this->swap() . '/placements/' . $heron['id'],
            [
                'piece' => $heron['piece'],
                'spot' => $dressing['spot'],
                'count' => 1,
                'left' => 0,
                'layer' => 'back',
                'raise' => 0,
                'version' => $heron['version'],
            ],
        );
        self::assertSame(409, $this->code());
    }

    public function testANeedIsAnsweredFromTheHomeThenBoughtAndGotIntoTheCupboard(): void
    {
        $need = $this->call(
            'POST',
            $this->swap() . '/needs',
            [
                'spot' => $this->id('spot', 'Hall console'),
                'text' => 'Tall and metal',
                'kind' => 'vase',
                'leastHeight' => '12',
                'mostHeight' => '15',
                'mostWidth' => '',
                'colour' => '#B08D47',
                'texture' => 'metal',
                'count' => 1,
            ],
        );
        $haul = $this->call('GET', $this->swap() . '/haul');
        $answers = array_values(array_filter($haul['needs'], static fn(array $one): bool => $one['need']['id'] === $need['id']))[0]['answers'];
        self::assertSame([$this->id('piece', 'Brass trumpet'), []], [$answers[0]['piece'], $answers[0]['misses']]);

        $line = $this->call('POST', $this->swap() . '/lines', $this->line(['need' => $need['id'], 'packSize' => 3, 'needed' => 5]));
        self::assertSame([2, 1, 1800], [$line['packs'], $line['spare'], $line['total']]);
        $got = $this->call('PUT', $this->home() . "/lines/{$line['id']}/state", ['state' => 'got', 'version' => $line['version']]);
        self::assertSame(6, $this->unitsByPiece()[$got['becamePiece']]);
        $problem = $this->call('PUT', $this->home() . "/lines/{$line['id']}/state", ['state' => 'ordered', 'version' => $got['version']]);
        $this->assertRefused(409, 'is got; from there it cannot become ordered.', $problem);
    }

    public function testThePurseIsExactAndWarnsBeforeALinePassesTheBudget(): void
    {
        $purse = $this->call('GET', $this->swap() . '/haul')['purse'];
        self::assertSame($purse['budget'], $purse['spent'] + $purse['committed'] + $purse['planned'] + $purse['free']);

        $preview = $this->call('POST', $this->swap() . '/line-preview', $this->line(['packPrice' => '80.00']));
        self::assertSame($purse['free'] - 8000, $preview['purse']['free']);
        self::assertSame(8000 - $purse['free'], $preview['purse']['overrun']);
        self::assertNotEmpty($preview['purse']['drop']);
        self::assertSame($purse, $this->call('GET', $this->swap() . '/haul')['purse']);
        $this->assertRefused(422, 'A pack holds 1 to 1,000', $this->call('POST', $this->swap() . '/line-preview', $this->line(['packSize' => 0])), 'packSize');
    }

    public function testTickingEveryTaskMakesTheStockThePlanAndUntickingTakesItBack(): void
    {
        $units = $this->unitsByPiece();
        $day = $this->call('POST', $this->swap() . '/day', ['people' => 2]);
        self::assertGreaterThan(20, \count($day['tasks']));
        foreach ($day['tasks'] as $i => $task) {
            self::assertSame(
                ['task' => $task['id'], 'isDone' => true, 'doneBy' => 'Orla'],
                $this->call('PUT', $this->home() . '/tasks/' . $task['id'], ['done' => true, 'key' => 'tick-' . $i]),
            );
            self::assertSame($units, array_intersect_key($this->unitsByPiece(), $units), 'units were made or lost');
        }
        $day = $this->call('GET', $this->swap() . '/day');
        self::assertSame([true, \count($day['tasks'])], [$day['isThePlan'], $day['ticked']]);
        self::assertSame(0, (int) $this->db()->fetchOne("SELECT COALESCE(SUM(count), 0) FROM standing WHERE place IN ('table', 'arrived')"));
        self::assertSame(
            [],
            $this->db()->fetchAllAssociative(
                "SELECT p.piece_id, p.spot_id FROM placement p JOIN swap s ON s.id = p.swap_id JOIN home h ON h.id = s.home_id LEFT "
                    . "JOIN standing st ON st.piece_id = p.piece_id AND st.place = 'spot:' || p.spot_id WHERE s.closed_at IS NULL "
                    . "AND h.name = 'Ferry House' GROUP BY p.piece_id, p.spot_id HAVING SUM(p.count) <> MAX(COALESCE(st.count, 0))",
            ),
        );

        foreach (array_reverse($day['tasks']) as $i => $task) {
            $this->call('PUT', $this->home() . '/tasks/' . $task['id'], ['done' => false, 'key' => 'back-' . $i]);
            self::assertSame(200, $this->code(), $this->text());
        }
        self::assertSame($units, $this->unitsByPiece());
    }

    public function testATickThatIsNoLongerTrueIsRefusedWithWhereThePieceIs(): void
    {
        $day = $this->call('POST', $this->swap() . '/day', ['people' => 1]);
        $setUp = array_values(array_filter($day['tasks'], static fn(array $task): bool => 'set up' === $task['phase'] && 'Front door' === $task['title']))[0];
        $problem = $this->call('PUT', $this->home() . '/tasks/' . $setUp['id'], ['done' => true, 'key' => 'early']);

        $this->assertRefused(409, 'Juniper wreath is not on the table but at tote A1. Tick the task that fetches it first', $problem);
        self::assertSame(
            'tote:' . $this->id('tote', 'A1'),
            $this->db()->fetchOne('SELECT place FROM standing WHERE piece_id = ? AND count > 0', [$this->id('piece', 'Juniper wreath')]),
        );
    }

    public function testTheSameTickSentTwiceCountsOnce(): void
    {
        $task = $this->call('POST', $this->swap() . '/day', ['people' => 1])['tasks'][0];
        for ($i = 0; $i < 2; ++$i) {
            self::assertTrue($this->call('PUT', $this->home() . '/tasks/' . $task['id'], ['done' => true, 'key' => 'once'])['isDone']);
            self::assertSame(1, $this->call('GET', $this->swap() . '/day')['ticked']);
        }
    }

    public function testAChangedPlanMakesTheSheetStaleAndKeepsTheTicks(): void
    {
        $day = $this->call('POST', $this->swap() . '/day', ['people' => 1]);
        $this->call('PUT', $this->home() . '/tasks/' . $day['tasks'][0]['id'], ['done' => true, 'key' => 'first']);
        $this->decide($this->id('piece', 'Apple basket'), 'rest', 0);
        self::assertTrue($this->call('GET', $this->swap() . '/day')['isStale']);

        $again = $this->call('POST', $this->swap() . '/day', ['people' => 2]);
        self::assertSame([false, 1, $day['tasks'][0]['id']], [$again['isStale'], $again['ticked'], $again['tasks'][0]['id']]);
        self::assertStringContainsString('Hall console', json_encode($again['tasks'], \JSON_THROW_ON_ERROR));
    }

    public function testWhatIsToBeDoneASecondTimeHasItsOwnTime(): void
    {
        $day = $this->call('POST', $this->swap() . '/day', ['people' => 1]);
        $fetch = array_values(array_filter($day['tasks'], static fn(array $task): bool => 'Fetch C2' === $task['title']))[0];
        $this->call('PUT', $this->home() . '/tasks/' . $fetch['id'], ['done' => true, 'key' => 'fetched']);
        $this->call(
            'POST',
            $this->swap() . '/placements',
            ['piece' => $this->id('piece', 'Lilac cushion'), 'spot' => $this->id('spot', 'Sofa'), 'count' => 1, 'left' => null, 'layer' => null, 'raise' => 0],
        );
        self::assertSame(201, $this->code(), $this->text());
        $again = array_values(array_filter(
            $this->call('POST', $this->swap() . '/day', ['people' => 1])['tasks'],
            static fn(array $task): bool => 'Fetch C2' === $task['title'],
        ));

        self::assertSame([true, false], array_map(static fn(array $task): bool => $task["isDone"], $again));
        self::assertNotSame($again[0]['start'], $again[1]['start']);
        $day = $this->call('POST', $this->swap() . '/day', ['people' => 1]);
        self::assertSame(
            $again[1]['id'],
            array_values(array_filter($day['tasks'], static fn(array $task): bool => 'Fetch C2' === $task['title']))[1]['id'],
            'worked out anew it is the same task',
        );
    }

    public function testClosingWaitsForOpenTasksUnlessToldOtherwiseAndCountsWear(): void
    {
        $this->call('POST', $this->swap() . '/day', ['people' => 1]);
        $problem = $this->call('POST', $this->swap() . '/close', ['leaveOpen' => false]);
        $this->assertRefused(409, 'tasks of the day sheet are still open, first “take down: Front door”', $problem);

        $swap = $this->swap();
        $settled = $this->call('POST', $swap . '/close', ['leaveOpen' => true]);
        self::assertTrue($settled['isClosed']);
        $out = (int) $this->db()->fetchOne(
            "SELECT SUM(s.count) FROM standing s JOIN piece p ON p.id = s.piece_id JOIN home h ON h.id = p.home_id WHERE s.place LIKE 'spot:%' "
                . "AND h.name = 'Ferry House'",
        );
        self::assertSame($out, (int) $this->db()->fetchOne('SELECT SUM(units) FROM wear WHERE swap_id = ?', [substr((string) strrchr($swap, '/'), 1)]));
        self::assertSame($out, $settled['reusedUnits'] + $settled['newUnits']);
        $this->assertRefused(
            409,
            'Midwinter is closed and kept as it was.',
            $this->call('PUT', $swap . '/decisions', ['decisions' => [['piece' => $this->id('piece', 'Heron'), 'choice' => 'stay', 'version' => 0]]]),
        );
        $next = $this->call(
            'POST',
            $this->home() . '/swaps',
            [
                'name' => 'First Thaw',
                'season' => 'spring',
                'swapDay' => '2027-03-01',
                'budget' => '140',
                'giftCard' => '',
                'look' => $this->id('look', 'First Green'),
            ],
        );
        self::assertSame([201, 'Midwinter'], [$this->code(), $next['from'] ?? null]);
    }

    public function testAnEmptyHomeGoesThroughAWholeSwap(): void
    {
        $home = '/api/homes/' . $this->call('POST', '/api/homes', ['name' => 'Weir Cottage', 'unit' => 'cm', 'currency' => '€', 'giftMoney' => 'counts'])['id'];
        $this->signIn();
        $room = $this->call('POST', $home . '/rooms', ['name' => 'Kitchen', 'round' => 0])['id'];
        $spot = $this->call(
            'POST',
            $home . '/spots',
            [
                'room' => $room,
                'name' => 'Sill',
                'kind' => 'window sill',
                'width' => '90',
                'depth' => '15',
                'ledgeHeight' => '90',
                'clearHeight' => '40',
                'seenFrom' => 'front',
                'keepClear' => [],
                'wall' => '#FFFFFF',
                'hazards' => [],
                'focalRank' => 1,
            ],
        )['id'];
        $tote = $this->call(
            'POST',
            $home . '/totes',
            ['code' => '1', 'place' => 'loft', 'width' => '50', 'depth' => '40', 'height' => '30', 'conditions' => [], 'mostWeight' => ''],
        )['id'];
        $jug = $this->call(
            'POST',
            $home . '/pieces',
            [
                'name' => 'Jug',
                'kind' => 'jug',
                'count' => 1,
                'width' => '12',
                'depth' => '10',
                'height' => '20',
                'weight' => '',
                'colours' => [['hex' => '#EDE4D3', 'percent' => 100]],
                'materials' => ['stoneware'],
                'finish' => 'glazed',
                'seasons' => [],
                'hazards' => [],
                'shape' => '',
                'pattern' => '',
                'origin' => '',
                'costEach' => '',
                'replacementEach' => '',
                'cameOn' => '',
                'care' => '',
                'faces' => [],
                'parts' => [],
                'set' => ['name' => '', 'of' => 0],
                'place' => 'tote:' . $tote,
            ],
        )['id'];
        $swap = $home . '/swaps/' . $this->call(
            'POST',
            $home . '/swaps',
            ['name' => 'Harvest', 'season' => 'autumn', 'swapDay' => '2026-12-01', 'budget' => '50', 'giftCard' => '', 'look' => ''],
        )['id'];
        $this->call('POST', $swap . '/placements', ['piece' => $jug, 'spot' => $spot, 'count' => 1, 'left' => null, 'layer' => null, 'raise' => 0]);
        foreach ($this->call('POST', $swap . '/day', ['people' => 1])['tasks'] as $task) {
            $this->call('PUT', $home . '/tasks/' . $task['id'], ['done' => true, 'key' => $task['id']]);
        }
        self::assertTrue($this->call('GET', $swap . '/day')['isThePlan']);
        $settled = $this->call('POST', $swap . '/close', ['leaveOpen' => false]);
        self::assertSame([true, 1, 0], [$settled['isClosed'], $settled['reusedUnits'], $settled['newUnits']]);
    }

    public function testTheLedgerSetsTheSeasonsSideBySide(): void
    {
        $seasons = $this->call('GET', $this->home() . '/ledger')['seasons'];

        self::assertSame(['Midwinter', 'Harvest', 'High Summer', 'First Thaw', 'Midwinter last year'], array_column($seasons, 'name'));
        self::assertSame(4800 + 3100 + 2700 + 1200, $seasons[1]['spent']);
    }

    /** @return array<string, mixed> */
    private function look(): array
    {
        $house = $this->call('GET', $this->home() . '/house');
        $id = array_values(array_filter($house['swaps'], static fn(array $swap): bool => null === $swap['closedAt']))[0]['look'];
        $look = array_values(array_filter($house['looks'], static fn(array $look): bool => $look['id'] === $id))[0];
        unset($look['id']);

        return $look;
    }

    /**
     * @param array<string, mixed> $change
     *
     * @return array<string, mixed>
     */
    private function line(array $change): array
    {
        return $change + [
            'need' => null, 'name' => 'Tall vase', 'way' => 'buy', 'kind' => 'vase', 'width' => '6 in', 'height' => '14 in',
            'colour' => '#B08D47', 'packPrice' => '9.00', 'offer' => 'none', 'offerValue' => '0', 'offerPayFor' => 0, 'packSize' => 1,
            'needed' => 1, 'tender' => 'purse',
        ];
    }

    /** @return array<mixed> */
    private function decide(string $piece, string $choice, int $version): array
    {
        return $this->call('PUT', $this->swap() . '/decisions', ['decisions' => [['piece' => $piece, 'choice' => $choice, 'version' => $version]]]);
    }

    /** @return array<mixed> */
    private function place(string $piece, string $spot): array
    {
        return $this->call(
            'POST',
            $this->swap() . '/placements',
            ['piece' => $piece, 'spot' => $this->id('spot', $spot), 'count' => 1, 'left' => null, 'layer' => null, 'raise' => 0],
        );
    }

    private function placements(string $piece): int
    {
        return (int) $this->db()->fetchOne(
            'SELECT COUNT(*) FROM placement p JOIN swap s ON s.id = p.swap_id WHERE p.piece_id = ? AND s.closed_at IS NULL',
            [$piece],
        );
    }
}
