<?php

declare(strict_types=1);

namespace App\Tests;

use App\Tests\Support\AppTestCase;
use BrightCupboard\Core\Day\Tick;

/** What comes to a day from devices, clocks and papers that are not as they should be: a clear sentence, nothing lost, nothing doubled. */
final class DaysGoWrongTest extends AppTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
    }

    public function testAPhoneThatComesBackWithOldTicksDoublesNothingAndLosesNothing(): void
    {
        $tasks = $this->call('POST', $this->swap() . '/day', ['people' => 2])['tasks'];
        $first = $this->tick($tasks[0]['id'], true, 'phone-1');
        self::assertSame(200, $this->code(), $this->text());
        $units = $this->units();
        self::assertSame($first, $this->tick($tasks[0]['id'], true, 'phone-1'), 'the same tick once more');
        $this->tick($tasks[0]['id'], true, 'phone-2');
        self::assertSame([200, $units], [$this->code(), $this->units()], 'somebody else ticked the same meanwhile');

        $gone = $this->taskOf('Heron', $tasks);
        $this->placeElsewhere('Heron');
        $this->call('POST', $this->swap() . '/day', ['people' => 2]);
        $this->tick($gone, true, 'phone-3');
        self::assertContains($this->code(), [200, 404, 409]);
        if (200 !== $this->code()) {
            self::assertMatchesRegularExpression('/^\p{Lu}.+\.$/u', json_decode($this->text(), true)['detail'], 'a sentence');
        }
        self::assertSame($this->counts(), $this->sums(), 'every piece is as often as it is owned');
    }

    public function testTicksOfDaysAgoAreCountedFromOneAnotherAndAClockSetBackTellsNothing(): void
    {
        $at = static fn(int $second, int $minutes = 10): Tick => new Tick('Orla', $second, $minutes);

        self::assertSame([null, 7], array_values(Tick::took(['a' => $at(0), 'b' => $at(420)])));
        $backwards = Tick::took(['a' => $at(5_000), 'b' => $at(4_700)]);
        self::assertSame([null, 5], [$backwards['b'], $backwards['a']], 'in the order of the clock, whatever order they came in');
        self::assertNull(Tick::took(['a' => $at(0), 'b' => $at(3 * 86_400)])['b'], 'three days are no task');
        self::assertNull(Tick::took(['a' => $at(100), 'b' => $at(100)])['b'], 'the same second');
    }

    public function testAToteOfNoHeightIsRefusedAtItsField(): void
    {
        $body = ['code' => 'Z9', 'place' => 'loft', 'width' => '24', 'depth' => '16', 'conditions' => [], 'mostWeight' => ''];
        foreach (['0', '-3', 'tall', '900 ft'] as $height) {
            $problem = $this->call('POST', $this->home() . '/totes', ['height' => $height] + $body);
            self::assertSame(422, $this->code(), $height . $this->text());
            self::assertSame(['height'], array_column($problem['violations'], 'field'), $height);
        }
        self::assertSame(0, (int) $this->db()->fetchOne("SELECT COUNT(*) FROM tote WHERE code = 'Z9'"));
    }

    public function testASwapThatFollowsItselfIsNotBroughtIn(): void
    {
        $this->browser->request('GET', $this->home() . '/document');
        $document = json_decode($this->text(), true);
        foreach ($document['swaps'] as $i => $swap) {
            if (null === $swap['closedAt']) {
                $document['swaps'][$i]['from'] = $swap['id'];
            }
        }
        $homes = (int) $this->db()->fetchOne('SELECT COUNT(*) FROM home');
        $problem = $this->call('POST', '/api/home-documents', ['document' => json_encode($document, \JSON_THROW_ON_ERROR)]);

        $this->assertRefused(422, 'Midwinter begins from itself', $problem, 'document');
        self::assertSame($homes, (int) $this->db()->fetchOne('SELECT COUNT(*) FROM home'), 'nothing of it is there');
    }

    public function testAFeedAddressThatWasRenewedAnswersNoMore(): void
    {
        $old = $this->call('POST', $this->home() . '/calendar/feed')['feed'] ?? '';
        self::assertNotSame('', $old, $this->text());
        $this->browser->request('GET', $old);
        self::assertSame(200, $this->code());
        $new = $this->call('POST', $this->home() . '/calendar/feed')['feed'];
        self::assertNotSame($old, $new);
        $this->browser->request('GET', $old);
        self::assertSame(404, $this->code(), 'who has the old address reads no more');
        $this->browser->request('GET', $new);
        self::assertSame(200, $this->code());
    }

    /** @return array<string, mixed> */
    private function tick(string $task, bool $done, string $key): array
    {
        return $this->call('PUT', $this->home() . '/tasks/' . $task, ['done' => $done, 'key' => $key]);
    }

    /** @param list<array<string, mixed>> $tasks */
    private function taskOf(string $name, array $tasks): string
    {
        $piece = $this->id('piece', $name);
        foreach ($tasks as $task) {
            if (!$task['isDone'] && \in_array($piece, array_column($task['moves'], 'piece'), true)) {
                return (string) $task['id'];
            }
        }
        self::fail($name . ' is moved on the day.');
    }

    /** Its place in the plan goes, so that the sheet worked out anew has other tasks. */
    private function placeElsewhere(string $name): void
    {
        foreach ($this->db()->fetchFirstColumn(
            'SELECT id FROM placement WHERE swap_id = ? AND piece_id = ?',
            [basename($this->swap()), $this->id('piece', $name)],
        ) as $id) {
            $this->call('DELETE', $this->swap() . '/placements/' . $id);
        }
    }

    /** @return list<array<string, mixed>> */
    private function units(): array
    {
        return $this->db()->fetchAllAssociative('SELECT piece_id, place, count FROM standing WHERE count > 0 ORDER BY piece_id, place');
    }

    /** @return array<string, int> */
    private function counts(): array
    {
        return array_map(intval(...), $this->db()->fetchAllKeyValue('SELECT id, count FROM piece WHERE removed_at IS NULL ORDER BY id'));
    }

    /** @return array<string, int> */
    private function sums(): array
    {
        return array_map(
            intval(...),
            $this->db()->fetchAllKeyValue(
                'SELECT s.piece_id, SUM(s.count) FROM standing s JOIN piece p ON p.id = s.piece_id WHERE p.removed_at IS NULL '
                    . 'GROUP BY s.piece_id ORDER BY s.piece_id',
            ),
        );
    }
}
