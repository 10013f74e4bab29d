<?php

declare(strict_types=1);

namespace App\Tests;

use App\Tests\Support\AppTestCase;

/** Days of a swap, who works on them and when, over HTTP on the demo. */
final class WorkDaysTest extends AppTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
    }

    public function testASwapDayIsArrangedWithNamesHoursAndBreaks(): void
    {
        $day = $this->arrange([
            'start' => '10',
            'latestEnd' => '4 pm',
            'pauses' => [['at' => '12.30', 'minutes' => 30]],
            'crew' => [$this->hand('Orla', climbs: false), $this->hand('Bram', until: '13:00')],
        ]);

        self::assertSame([600, 960, [['at' => 750, 'minutes' => 30]]], [$day['start'], $day['latestEnd'], $day['pauses']]);
        self::assertSame(['Orla', 'Bram'], array_column($day['crew'], 'name'));
        $built = $this->call('POST', $this->swap() . '/day', ['people' => 2]);
        self::assertSame(['Orla', 'Bram'], array_column($built['crew'], 'name'), 'named people stay when the sheet is worked out');
        foreach ($built['tasks'] as $task) {
            self::assertGreaterThanOrEqual(600, $task['start']);
            self::assertTrue(!\in_array(1, $task['lanes'], true) || $task['end'] <= 780, 'Bram is gone at one');
        }
        $this->undo();
        $this->undo();
        self::assertSame('you', $this->call('GET', $this->swap() . '/day')['crew'][0]['name']);
    }

    public function testSaysWhatDoesNotFitAndWhatNobodyMayDo(): void
    {
        $this->arrange(['latestEnd' => '10:00', 'crew' => [$this->hand('Orla')]]);
        $day = $this->call('POST', $this->swap() . '/day', ['people' => 1]);
        $warned = implode(' ', $day['warnings']);

        self::assertStringContainsString('done after 10:00 only: put spots on another day', $warned);
        self::assertStringContainsString('for two people: ask somebody to come', $warned);
        self::assertContains(true, array_column($day['tasks'], 'isUnmanned'), 'the tall tree is not for one');
    }

    public function testSpotsOfAnotherDayAreDoneThenAndEverythingArrives(): void
    {
        $tree = $this->id('spot', 'Tree corner');
        $sofa = $this->id('spot', 'Sofa');
        $other = $this->call('POST', $this->swap() . '/days', $this->input(['name' => 'The tree', 'date' => '2031-12-24', 'spots' => [$tree, $sofa]]));
        self::assertSame(201, $this->code(), $this->text());
        self::assertSame(['Swap day', 'The tree'], array_column($other['days'], 'name'));

        $before = $this->unitsByPiece();
        $first = $this->call('POST', $this->swap() . '/day', ['people' => 2]);
        self::assertNotContains($tree, array_column($first['tasks'], 'spot'));
        $this->tickAll($first['tasks']);
        $first = $this->call('GET', $this->swap() . '/day');
        self::assertTrue($first['isThePlan'], 'of the swap day nothing is left to do');
        $second = $this->call('POST', $this->swap() . '/days/' . $other['id'], ['people' => 2]);
        self::assertContains($tree, array_column($second['tasks'], 'spot'));
        self::assertSame([], array_diff(array_filter(array_column($second['tasks'], 'spot')), [$tree, $sofa]));
        $this->tickAll($second['tasks']);

        self::assertTrue($this->call('GET', $this->swap() . '/days/' . $other['id'])['isThePlan']);
        self::assertSame($before, $this->unitsByPiece(), 'nothing is made, nothing lost');
        $this->call('DELETE', $this->swap() . '/days/' . $other['id']);
        self::assertSame(409, $this->code(), 'a day with ticks is not taken away');
    }

    public function testASecondLookHasAShortListOfItsOwn(): void
    {
        $this->call('POST', $this->swap() . '/notes', ['spot' => $this->id('spot', 'Stove shelf'), 'text' => 'The urn wants to go left.']);
        $look = $this->call('POST', $this->swap() . '/days', $this->input(['name' => 'Second look', 'date' => '2031-12-24', 'isLook' => true]));
        self::assertSame(201, $this->code(), $this->text());
        $tasks = $this->call('POST', $this->swap() . '/days/' . $look['id'], ['people' => 1])['tasks'];
        $rooms = array_column($this->call('GET', $this->swap() . '/spots')['spots'], null, 'spot');
        $dressed = array_filter($rooms, static fn(array $spot): bool => $spot['placements'] > 0);

        self::assertSame(['look again'], array_values(array_unique(array_column($tasks, 'phase'))));
        self::assertEqualsCanonicalizing(array_keys($dressed), array_column($tasks, 'spot'), 'every dressed spot once');
        foreach ($tasks as $task) {
            $open = $dressed[$task['spot']]['checks'] - $dressed[$task['spot']]['good'];
            self::assertGreaterThanOrEqual(max(1, $open), \count($task['steps']), $task['title']);
            self::assertSame([], $task['moves']);
        }
        $shelf = array_column($tasks, 'steps', 'title')['Stove shelf'];
        self::assertContains('Noted: The urn wants to go left.', $shelf);
        self::assertContains('Echo: Brass is seen on the left only: echo it on the other side.', $shelf);
        $this->tickAll($tasks);
        self::assertSame(
            [],
            array_filter(
                $this->call('POST', $this->swap() . '/days/' . $look['id'], ['people' => 1])['tasks'],
                static fn(array $task): bool => !$task['isDone'],
            ),
            'what was looked at need not be looked at again',
        );
    }

    public function testWhatHasNoRoomGetsATotePutOnTheListAndUpWhenItIsHere(): void
    {
        self::assertSame(0, $this->call('GET', $this->swap() . '/day')['totesToBuy'], 'in the demo everything has room');
        $this->assertRefused(409, 'Everything has room', $this->call('POST', $this->swap() . '/totes-to-buy'));
        $this->db()->executeStatement('UPDATE tote SET width = 300, depth = 300, height = 300');
        self::assertGreaterThan(0, $this->call('GET', $this->swap() . '/day')['totesToBuy']);
        $line = $this->call('POST', $this->swap() . '/totes-to-buy');
        self::assertSame(201, $this->code(), $this->text());
        self::assertMatchesRegularExpression('/^Tote, \d+ in x \d+ in x \d+ in inside$/', $line['name']);
        self::assertSame(0, $this->call('GET', $this->swap() . '/day')['totesToBuy'], 'it is on the list now');

        $pieces = (int) $this->db()->fetchOne('SELECT COUNT(*) FROM piece');
        $this->call('PUT', $this->home() . '/lines/' . $line['id'] . '/state', ['state' => 'got', 'version' => $line['version']]);
        self::assertSame(200, $this->code(), $this->text());
        $codes = $this->db()->fetchFirstColumn("SELECT code FROM tote WHERE place = 'new, no place yet' ORDER BY code");
        self::assertCount($line['needed'], $codes);
        self::assertSame('N1', $codes[0]);
        self::assertSame($pieces, (int) $this->db()->fetchOne('SELECT COUNT(*) FROM piece'), 'a tote is no decor');
        self::assertSame(1, $this->call('GET', $this->swap() . '/day')['totesToBuy'], 'the wreath wants a flat one');
        $this->undo();
        self::assertSame([], $this->db()->fetchFirstColumn("SELECT code FROM tote WHERE place = 'new, no place yet' AND removed_at IS NULL"));
    }

    public function testADayFitsTheSeason(): void
    {
        $this->db()->executeStatement("UPDATE swap SET strike_on = '2031-12-30' WHERE closed_at IS NULL");
        foreach ([
            [['date' => '2031-12-31'], 'Midwinter is struck on 30 December. Choose that day or an earlier one.'],
            [['isLook' => true, 'date' => date('Y-m-d')], 'What stands is looked at again later.'],
        ] as [$change, $sentence]) {
            $problem = $this->call('POST', $this->swap() . '/days', $this->input(['name' => 'Stockings', ...$change]));
            self::assertSame(422, $this->code(), $this->text());
            self::assertStringContainsString($sentence, $problem['violations'][0]['message']);
        }
    }

    public function testFurnitureHasADayOfItsOwn(): void
    {
        $phases = fn(string $path): array => array_column($this->call('POST', $this->swap() . $path, ['people' => 2])['tasks'], 'phase');
        self::assertContains('move furniture', $phases('/day'), 'the demo moves the armchair');
        $other = $this->call('POST', $this->swap() . '/days', $this->input(['name' => 'Furniture', 'date' => '2031-12-01', 'movesFurniture' => true]));
        self::assertSame([201, true], [$this->code(), $other['movesFurniture'] ?? null], $this->text());
        self::assertTrue($this->call('GET', $this->swap() . '/day')['isStale'], 'the sheet of the swap day still has it');
        self::assertNotContains('move furniture', $phases('/day'));
        self::assertContains('move furniture', $phases('/days/' . $other['id']));
        $this->call('DELETE', $this->swap() . '/days/' . $other['id']);
        self::assertContains('move furniture', $phases('/day'));
    }

    /** Half of a spot is taken down, the plan changes, the sheet is worked out again: what was emptied is still to be wiped, before it is set up. */
    public function testWhatWasEmptiedIsStillWipedWhenTheSheetIsWorkedOutAgain(): void
    {
        $clean = static fn(array $tasks): array => array_column(array_filter($tasks, static fn(array $task): bool => 'clean' === $task['phase']), 'spot');
        $before = $this->call('POST', $this->swap() . '/day', ['people' => 2])['tasks'];
        $this->tickAll(array_filter($before, static fn(array $task): bool => 'take down' === $task['phase']));
        $again = $this->call('POST', $this->swap() . '/day', ['people' => 2])['tasks'];

        self::assertEqualsCanonicalizing($clean($before), $clean($again));
        foreach ($again as $task) {
            $wiped = array_values(array_filter($again, static fn(array $other): bool => 'clean' === $other['phase'] && $other['spot'] === $task['spot']));
            if ('set up' === $task['phase'] && [] !== $wiped) {
                self::assertGreaterThanOrEqual($wiped[0]['end'], $task['start'], $task['title']);
            }
        }
    }

    public function testASpotIsOnOneDayOnly(): void
    {
        $sofa = $this->id('spot', 'Sofa');
        $one = $this->call('POST', $this->swap() . '/days', $this->input(['name' => 'One', 'date' => '2031-12-24', 'spots' => [$sofa]]));
        $this->call('POST', $this->swap() . '/days', $this->input(['name' => 'Two', 'date' => '2031-12-25', 'spots' => [$sofa]]));

        self::assertSame([], $this->call('GET', $this->swap() . '/days/' . $one['id'])['spots']);
        $this->call('DELETE', $this->swap() . '/days/' . $one['id']);
        self::assertSame(204, $this->code());
        $this->undo();
        self::assertSame(200, ($this->call('GET', $this->swap() . '/days/' . $one['id']) ? $this->code() : 0), 'a day that was taken away comes back');
    }

    public function testRefusesDaysThatCannotBe(): void
    {
        foreach ([
            [['date' => '2020-01-01'], 'That day is over.', 'date'],
            [['date' => $this->call('GET', $this->swap() . '/day')['date']], 'On that day is the swap day already.', 'date'],
            [['date' => '2031-02-31'], '2031-02-31', 'date'],
            [['start' => '25:00'], 'time', 'start'],
            [['latestEnd' => '9:00'], 'The day ends before it begins.', 'latestEnd'],
            [['pauses' => [['at' => '8:00', 'minutes' => 30]]], 'A break lies within the day', 'pauses'],
            [['layRoom' => 'a table'], 'size', 'layRoom'],
            [['crew' => []], 'Somebody has to work on it.', 'crew'],
            [['crew' => [$this->hand('Bo'), $this->hand('bo')]], 'Two people are called', 'crew'],
            [['crew' => [$this->hand('Bo', from: '12:00', until: '11:00')]], 'Bo would go before coming.', 'crew[0].until'],
            [['spots' => ['01HX0000000000000000000000']], 'not there any more', 'spots'],
        ] as [$change, $sentence, $field]) {
            $problem = $this->call('POST', $this->swap() . '/days', $this->input(['name' => 'The tree', 'date' => '2031-12-24', ...$change]));
            self::assertSame(422, $this->code(), $this->text());
            self::assertContains($field, array_column($problem['violations'], 'field'), $this->text());
            self::assertStringContainsString($sentence, implode(' ', array_column($problem['violations'], 'message')));
        }
        self::assertSame(0, (int) $this->db()->fetchOne('SELECT COUNT(*) FROM work_day'));
    }

    public function testOnADayOfAnOlderVersionBothSidesAreShown(): void
    {
        $this->arrange(['start' => '10']);
        $problem = $this->call('PUT', $this->swap() . '/day', $this->input(['version' => 1]));

        self::assertSame(409, $this->code());
        self::assertSame(600, $problem['current']['start']);
    }

    public function testWhatATaskTookIsKnownFromTickToTickAndCanBePutRight(): void
    {
        $tasks = $this->call('POST', $this->swap() . '/day', ['people' => 1])['tasks'];
        $this->tickAll(\array_slice($tasks, 0, 2));
        $this->db()->executeStatement("UPDATE sheet_task SET done_at = datetime(done_at, '-7 minutes') WHERE id = ?", [$tasks[0]['id']]);
        $took = fn(): array => array_column($this->call('GET', $this->swap() . '/day')['tasks'], 'took', 'id');

        self::assertSame([null, 7], [$took()[$tasks[0]['id']], $took()[$tasks[1]['id']]]);
        $this->call('PUT', $this->home() . '/tasks/' . $tasks[1]['id'] . '/took', ['minutes' => 4]);
        self::assertSame(4, $took()[$tasks[1]['id']]);
        $this->call('PUT', $this->home() . '/tasks/' . $tasks[5]['id'] . '/took', ['minutes' => 4]);
        self::assertSame(409, $this->code(), 'what is not ticked took nothing yet');
    }

    public function testFiveMeasuredTasksMakeTheHomesOwnPace(): void
    {
        $tasks = array_values(array_filter(
            $this->call('POST', $this->swap() . '/day', ['people' => 1])['tasks'],
            static fn(array $task): bool => 'take down' === $task['phase'],
        ));
        $this->tickAll(\array_slice($tasks, 0, 6));
        foreach (\array_slice($tasks, 0, 6) as $task) {
            $this->call('PUT', $this->home() . '/tasks/' . $task['id'] . '/took', ['minutes' => 2 * $task['minutes']]);
        }
        $again = $this->call('POST', $this->swap() . '/day', ['people' => 1]);

        self::assertSame([['phase' => 'take down', 'factor' => 2, 'measured' => 6]], $again['pace']);
        $before = array_column($tasks, 'minutes', 'id');
        foreach ($again['tasks'] as $task) {
            if (!$task['isDone'] && isset($before[$task['id']])) {
                self::assertSame(2 * $before[$task['id']], $task['minutes']);
            }
        }
    }

    public function testAHelperDoesNotArrangeDays(): void
    {
        $this->signIn(self::HELPER);
        $this->call('PUT', $this->swap() . '/day', $this->input([]));
        self::assertSame(403, $this->code());
        $this->call('POST', $this->swap() . '/days', $this->input(['date' => '2031-12-24']));
        self::assertSame(403, $this->code());
    }

    /**
     * @param array<string, mixed> $change
     *
     * @return array<mixed>
     */
    private function arrange(array $change): array
    {
        $version = $this->call('GET', $this->swap() . '/day')['version'];
        $day = $this->call('PUT', $this->swap() . '/day', $this->input(['version' => $version, ...$change]));
        self::assertSame(200, $this->code(), $this->text());

        return $day;
    }

    /**
     * @param array<string, mixed> $change
     *
     * @return array<string, mixed>
     */
    private function input(array $change): array
    {
        return [
            ...[
                'name' => 'Swap day', 'date' => '', 'start' => '9:30', 'latestEnd' => '', 'layRoom' => '10 x 5 ft', 'pauses' => [],
                'crew' => [$this->hand('Orla')], 'isLook' => false, 'spots' => [], 'version' => null,
            ],
            ...$change,
        ];
    }

    /** @return array<string, mixed> */
    private function hand(string $name, bool $climbs = true, string $from = '', string $until = ''): array
    {
        return ['name' => $name, 'climbs' => $climbs, 'lifts' => true, 'from' => $from, 'until' => $until];
    }

    /** @param list<array<string, mixed>> $tasks */
    private function tickAll(array $tasks): void
    {
        foreach ($tasks as $i => $task) {
            $this->call('PUT', $this->home() . '/tasks/' . $task['id'], ['done' => true, 'key' => 'w' . $i . $task['id']]);
            self::assertSame(200, $this->code(), $task['title'] . ': ' . $this->text());
        }
    }
}
