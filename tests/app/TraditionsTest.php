<?php

declare(strict_types=1);

namespace App\Tests;

use App\Tests\Support\AppTestCase;

/** What is not put out before a day, and by when a swap has to stand: over HTTP on the demo. */
final class TraditionsTest extends AppTestCase
{
    private \DateTimeImmutable $swapDay;

    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
        $this->swapDay = new \DateTimeImmutable($this->call('GET', $this->swap() . '/day')['date']);
    }

    public function testAKindWaitsForItsDayAndIsPutOutThen(): void
    {
        $places = $this->wreaths();
        self::assertNotSame([], $places, 'the demo hangs wreaths');
        $eve = $this->swapDay->modify('+9 days');
        $this->keep('Wreaths: not before ' . $eve->format('j M'));
        self::assertSame(200, $this->code(), $this->text());

        $day = $this->call('POST', $this->swap() . '/day', ['people' => 2]);
        self::assertSame(
            [['Wreaths', $eve->format('Y-m-d'), false]],
            array_map(static fn(array $one): array => [$one['what'], $one['until'], $one['isNever']], $day['waiting']),
        );
        self::assertSame([], array_intersect($this->moved($day), $places), 'none of them comes on the swap day');
        $other = $this->call('POST', $this->swap() . '/days', $this->input(['name' => 'Wreaths', 'date' => $eve->format('Y-m-d')]));
        self::assertSame([], $other['waiting'], 'now they have a day');
        $built = $this->call('POST', $this->swap() . '/days/' . $other['id'], ['people' => 1]);
        self::assertEqualsCanonicalizing($places, array_values(array_unique($this->moved($built))), 'all of them and nothing else');

        $this->call('DELETE', $this->swap() . '/days/' . $other['id']);
        self::assertCount(1, $this->call('GET', $this->swap() . '/day')['waiting'], 'without the day they wait again');
    }

    public function testWhatIsOnATreeWaitsWithIt(): void
    {
        $onIt = array_map(fn(string $name): string => $this->id('piece', $name), ['Tall fir', 'Paper star', 'Warm lights', 'Wood beads']);
        $this->keep('Trees: not before ' . $this->swapDay->modify('+3 days')->format('j M'));
        $day = $this->call('POST', $this->swap() . '/day', ['people' => 2]);
        self::assertSame([], array_intersect($this->moved($day), $onIt), 'nothing hangs on a tree that is not there');
        $names = $day['waiting'][0]['pieces'];
        self::assertSame([], array_diff(['Tall fir', 'Paper star', 'Warm lights', 'Wood beads'], $names), 'and it is said');

        $later = $this->swapDay->modify('+3 days')->format('Y-m-d');
        $other = $this->call('POST', $this->swap() . '/days', $this->input(['name' => 'Tree', 'date' => $later]));
        $built = $this->call('POST', $this->swap() . '/days/' . $other['id'], ['people' => 2]);
        self::assertSame([], array_diff($onIt, $this->moved($built)), 'all of it comes with the tree');
    }

    public function testATraditionFollowsWhatItIsAboutToANewName(): void
    {
        $eve = $this->swapDay->modify('+9 days')->format('j M');
        $this->keep("the tree corner: not before {$eve}\nTall fir: not before {$eve}");
        self::assertSame(200, $this->code(), $this->text());
        $spot = array_column($this->call('GET', $this->home() . '/house')['spots'], null, 'name')['Tree corner'];
        $inches = array_map(
            static fn(?int $tenths): string => null === $tenths ? '' : $tenths / 254 . ' in',
            array_intersect_key($spot, array_flip(['width', 'depth', 'ledgeHeight', 'clearHeight', 'rise', 'belowWidth', 'belowTop'])),
        );
        $fields = array_diff_key($spot, array_flip(['id', 'assumed', 'form']));
        $this->call('PUT', $this->home() . '/spots/' . $spot['id'], [...$fields, ...$inches, 'keepClear' => [], 'name' => 'Fir nook']);
        self::assertSame(200, $this->code(), $this->text());

        self::assertSame("Fir nook: not before {$eve}\nTall fir: not before {$eve}", $this->call('GET', $this->home() . '/calendar')['feasts']);
        self::assertEqualsCanonicalizing(['Fir nook', 'Tall fir'], array_column($this->call('GET', $this->swap() . '/day')['waiting'], 'what'));
        $parlour = array_column($this->call('GET', $this->home() . '/house')['rooms'], null, 'name')['Parlour'];
        $this->keep("Parlour: not before {$eve}");
        $this->call('PUT', $this->home() . '/rooms/' . $parlour['id'], [...array_diff_key($parlour, ['id' => true]), 'name' => 'Garden room']);
        self::assertSame("Garden room: not before {$eve}", $this->call('GET', $this->home() . '/calendar')['feasts']);
        $this->undo();
        $this->undo();
        $this->undo();
        self::assertStringContainsString('the tree corner', $this->call('GET', $this->home() . '/calendar')['feasts']);
    }

    public function testASheetIsOutOfDateWhenATraditionComesOrGoes(): void
    {
        $this->call('POST', $this->swap() . '/day', ['people' => 2]);
        $this->keep('Wreaths: not before ' . $this->swapDay->modify('+3 days')->format('j M'));
        self::assertTrue($this->call('GET', $this->swap() . '/day')['isStale']);
        $this->undo();
        self::assertFalse($this->call('GET', $this->swap() . '/day')['isStale']);
    }

    public function testASpotThatWaitsIsNotPutOnAnEarlierDay(): void
    {
        $this->keep("Long night: {$this->swapDay->modify('+20 days')->format('j M')}\nthe tree corner: never before Long Night");
        self::assertSame(200, $this->code(), $this->text());
        $tree = $this->spot('Tree corner');
        $input = $this->input(['name' => 'The tree', 'date' => $this->swapDay->modify('+19 days')->format('Y-m-d'), 'spots' => [$tree]]);
        $this->assertRefused(422, 'Tree corner waits until', $this->call('POST', $this->swap() . '/days', $input), 'date');
        $day = $this->call('POST', $this->swap() . '/day', ['people' => 2]);
        self::assertNotContains($tree, array_column($day['tasks'], 'spot'), 'nothing is done at a spot that waits');
        $this->call('POST', $this->swap() . '/days', ['date' => $this->swapDay->modify('+20 days')->format('Y-m-d')] + $input);
        self::assertSame(201, $this->code(), $this->text());
    }

    public function testWhatWouldStandOnlyAfterTheStrikeIsSaid(): void
    {
        $this->db()->executeStatement('UPDATE swap SET strike_on = ? WHERE closed_at IS NULL', [$this->swapDay->modify('+8 days')->format('Y-m-d')]);
        $this->keep('Wreaths: not until ' . $this->swapDay->modify('+9 days')->format('j M'));

        self::assertTrue($this->call('GET', $this->swap() . '/day')['waiting'][0]['isNever']);
    }

    public function testATraditionOfAnotherSeasonHoldsNothingBack(): void
    {
        $this->keep('Wreaths: not before ' . $this->swapDay->modify('-9 days')->format('j M'));
        self::assertSame([], $this->call('GET', $this->swap() . '/day')['waiting'], 'it is long past when the swap is done');
    }

    public function testNamesWhatIsNotThere(): void
    {
        foreach (['Stokings' => 'is no spot, room, kind or piece', 'Angels of the attic' => 'is no spot, room, kind or piece'] as $what => $sentence) {
            $this->assertRefused(422, "“{$what}” {$sentence}", $this->keep($what . ': not before 24 Dec'), 'feasts');
        }
        $this->assertRefused(422, '“Whenever” is not understood', $this->keep('Stockings: not before Whenever'), 'feasts');
    }

    public function testASwapDayFollowsFromTheDayByWhichItHasToStand(): void
    {
        $swap = $this->change(['swapDay' => '', 'dressBy' => '2031-12-20']);
        self::assertSame(['2031-12-18', '2031-12-20'], [$swap['swapDay'], $swap['dressBy']]);
        $items = array_column($this->call('GET', $this->home() . '/calendar?year=2031')['items'], 'day', 'title');
        self::assertSame('2031-12-20', $items['Midwinter: dressed by']);
        foreach ([
            [['swapDay' => '2031-12-21', 'dressBy' => '2031-12-20'], 'swapDay', 'It has to stand by 20 December.'],
            [['swapDay' => '', 'dressBy' => ''], 'swapDay', 'Choose a swap day'],
            [['swapDay' => '2031-12-18', 'dressBy' => '2031-12-20', 'strikeOn' => '2031-12-19'], 'strikeOn', 'is struck after that'],
            [['swapDay' => '2031-12-18', 'dressBy' => '', 'strikeOn' => '2031-12-18'], 'strikeOn', 'It is struck after its swap day.'],
            [['swapDay' => '2031-02-30', 'dressBy' => 'soon'], 'dressBy', 'no 2031-02-30'],
        ] as [$dates, $field, $sentence]) {
            $this->assertRefused(422, $sentence, $this->change($dates), $field);
        }
    }

    /** @return list<string> ids of the wreaths that are planned for a spot */
    private function wreaths(): array
    {
        /** @var list<string> */
        return $this->db()->fetchFirstColumn(
            "SELECT DISTINCT p.id FROM placement q JOIN piece p ON p.id = q.piece_id WHERE p.kind = 'wreath' AND q.swap_id = ?",
            [basename($this->swap())],
        );
    }

    /**
     * @param array<string, mixed> $day
     *
     * @return list<string> pieces that are set up on it
     */
    private function moved(array $day): array
    {
        $ups = array_filter($day['tasks'], static fn(array $task): bool => 'set up' === $task['phase']);

        return array_merge(...array_values(array_map(static fn(array $task): array => array_column($task['moves'], 'piece'), $ups)));
    }

    private function spot(string $name): string
    {
        return (string) $this->db()->fetchOne(
            'SELECT s.id FROM spot s JOIN room r ON r.id = s.room_id WHERE s.name = ? AND r.home_id = ?',
            [$name, basename($this->home())],
        );
    }

    /**
     * @param array<string, mixed> $change
     *
     * @return array<string, mixed>
     */
    private function change(array $change): array
    {
        $path = $this->swap();
        $version = (int) $this->db()->fetchOne('SELECT version FROM swap WHERE id = ?', [basename($path)]);

        return $this->call(
            'PUT',
            $path,
            ['name' => 'Midwinter', 'season' => 'winter', 'budget' => '', 'giftCard' => '', 'look' => '', 'version' => $version, ...$change],
        );
    }

    /**
     * @param array<string, mixed> $change
     *
     * @return array<string, mixed>
     */
    private function input(array $change): array
    {
        $hand = ['name' => 'you', 'climbs' => true, 'lifts' => true, 'from' => '', 'until' => ''];

        return $change + [
            'name' => '',
            'date' => '',
            'start' => '9:00',
            'latestEnd' => '',
            'layRoom' => '10 x 5 ft',
            'pauses' => [],
            'crew' => [$hand],
            'spots' => [],
            'isLook' => false,
        ];
    }

    /** @return array<string, mixed> */
    private function keep(string $lines): array
    {
        $version = $this->call('GET', $this->home() . '/calendar')['version'];

        return $this->call('PUT', $this->home() . '/calendar', ['feasts' => $lines, 'hemisphere' => 'north', 'version' => $version]);
    }
}
