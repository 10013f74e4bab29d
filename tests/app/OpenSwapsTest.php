<?php

declare(strict_types=1);

namespace App\Tests;

use App\Tests\Support\AppTestCase;

/** Several swaps open at once: the next begins from where things will be, and nothing promised is taken from the one before. */
final class OpenSwapsTest extends AppTestCase
{
    private string $first = '';

    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
        $this->first = $this->swap();
        $this->db()->executeStatement("DELETE FROM decision WHERE choice = 'part'");
    }

    public function testTheNextBeginsFromWhereThingsWillBe(): void
    {
        $moved = $this->movedByFirst();
        $next = $this->begin('First Thaw');
        $rows = array_column($this->call('GET', $next . '/table')['rows'], null, 'piece');

        foreach (array_keys($moved) as $piece) {
            self::assertTrue($rows[$piece]['isOut'], 'it is in its tote now, and out when Midwinter is done');
        }
        $piece = (string) array_key_first($moved);
        $this->call('PUT', $next . '/decisions', ['decisions' => [['piece' => $piece, 'choice' => 'rest', 'version' => 0]]]);
        $moves = $this->taskWith($this->call('POST', $next . '/day', ['people' => 1])['tasks'], $piece)['moves'];
        self::assertContains('spot:' . $moved[$piece], array_column($moves, 'from', 'piece'));
    }

    public function testWhatIsPromisedToTheFirstIsNotTickedAwayByTheNext(): void
    {
        $piece = (string) array_key_first($this->movedByFirst());
        $next = $this->begin('First Thaw');
        $this->call('PUT', $next . '/decisions', ['decisions' => [['piece' => $piece, 'choice' => 'rest', 'version' => 0]]]);
        self::assertSame(200, $this->code(), $this->text());
        $task = $this->taskWith($this->call('POST', $next . '/day', ['people' => 2])['tasks'], $piece);

        $problem = $this->call('PUT', $this->home() . '/tasks/' . $task['id'], ['done' => true, 'key' => 'early']);
        $this->assertRefused(409, 'is promised to Midwinter first', $problem);
        $this->tickAll($this->first);
        $this->call('PUT', $this->home() . '/tasks/' . $task['id'], ['done' => true, 'key' => 'in turn']);
        self::assertSame(200, $this->code(), $this->text());
    }

    public function testBothAreDoneOneAfterTheOtherAndNothingIsLost(): void
    {
        $before = $this->unitsByPiece();
        $next = $this->begin('First Thaw');
        $table = $this->call('GET', $next . '/table')['rows'];
        $out = array_slice(array_values(array_filter($table, static fn(array $row): bool => $row['isOut'])), 0, 12);
        $this->call(
            'PUT',
            $next . '/decisions',
            ['decisions' => array_map(static fn(array $row): array => ['piece' => $row['piece'], 'choice' => 'rest', 'version' => 0], $out)],
        );
        self::assertSame(200, $this->code(), $this->text());
        $this->call('POST', $next . '/day', ['people' => 2]);
        $this->assertRefused(409, 'Midwinter comes first and is still open.', $this->call('POST', $next . '/close', ['leaveOpen' => true]));
        $this->tickAll($this->first);
        $this->call('POST', $this->first . '/close', ['leaveOpen' => false]);
        self::assertSame(200, $this->code(), $this->text());
        $this->tickAll($next);

        self::assertTrue($this->call('GET', $next . '/day')['isThePlan']);
        self::assertSame($before, $this->unitsByPiece());
        $this->call('POST', $next . '/close', ['leaveOpen' => false]);
        self::assertSame(200, $this->code(), $this->text());
    }

    public function testTheNextFollowsWhenTheFirstChanges(): void
    {
        $piece = (string) array_key_first($this->movedByFirst());
        $next = $this->begin('First Thaw');
        $this->call('POST', $next . '/day', ['people' => 2]);
        self::assertFalse($this->call('GET', $next . '/day')['isStale']);
        foreach ($this->db()->fetchFirstColumn('SELECT id FROM placement WHERE swap_id = ? AND piece_id = ?', [basename($this->first), $piece]) as $placement) {
            $this->call('DELETE', $this->first . '/placements/' . $placement);
        }

        self::assertTrue($this->call('GET', $next . '/day')['isStale']);
    }

    public function testAStrikeGoesBackToWhatWasBefore(): void
    {
        $before = $this->standing();
        $this->tickAll($this->first);
        $during = $this->standing();
        self::assertNotSame($before, $during);
        $this->call('POST', $this->first . '/close', ['leaveOpen' => false]);
        $answer = $this->call('POST', $this->home() . '/strikes', ['swap' => basename($this->first), 'swapDay' => '2032-01-06']);
        self::assertSame(201, $this->code(), $this->text());
        self::assertSame(['After Midwinter', 'Midwinter'], [$answer['name'], $answer['from']]);
        $this->tickAll($this->home() . '/swaps/' . $answer['id']);

        $harvest = $this->db()->fetchFirstColumn(
            "SELECT DISTINCT p.piece_id || ' ' || p.spot_id FROM placement p JOIN swap s ON s.id = p.swap_id WHERE s.name = 'Harvest'",
        );
        $after = array_map(static fn(string $one): string => str_replace('spot:', '', $one), array_keys($this->standing()));
        self::assertSame([], array_values(array_diff($after, $harvest)), 'nothing stands that did not stand before');
        self::assertGreaterThan(30, \count($after));
        $this->undo();
    }

    public function testRefusesWhatCannotFollow(): void
    {
        $begin = fn(string $name, string $day): array => $this->call(
            'POST',
            $this->home() . '/swaps',
            ['name' => $name, 'season' => 'spring', 'swapDay' => $day, 'budget' => '', 'giftCard' => '', 'look' => ''],
        );
        $this->assertRefused(409, 'Midwinter is open already.', $begin('midwinter', '2031-03-01'));
        $this->assertRefused(409, 'Midwinter is still open and comes on', $begin('Too early', '2020-01-01'));
        $begin('Second', '2031-03-01');
        $begin('Third', '2031-06-01');
        self::assertSame(201, $this->code());
        $this->assertRefused(409, '3 swaps are open. Close Midwinter', $begin('Fourth', '2031-09-01'));
        $this->assertRefused(
            409,
            'Midwinter is not the last of the seasons any more',
            $this->call('POST', $this->home() . '/strikes', ['swap' => basename($this->first), 'swapDay' => '2031-12-01']),
        );
        $third = $this->db()->fetchOne("SELECT id FROM swap WHERE name = 'Third'");
        $this->assertRefused(
            422,
            'Strike it on a later day.',
            $this->call('POST', $this->home() . '/strikes', ['swap' => $third, 'swapDay' => '2031-06-01']),
            'swapDay',
        );
        $this->assertRefused(
            422,
            'That season is not there any more.',
            $this->call('POST', $this->home() . '/strikes', ['swap' => 'x', 'swapDay' => '2031-06-01']),
            'swap',
        );
    }

    private function begin(string $name): string
    {
        $answer = $this->call(
            'POST',
            $this->home() . '/swaps',
            ['name' => $name, 'season' => 'spring', 'swapDay' => '2031-03-01', 'budget' => '', 'giftCard' => '', 'look' => ''],
        );
        self::assertSame([201, 'Midwinter'], [$this->code(), $answer['from'] ?? null], $this->text());

        return $this->home() . '/swaps/' . $answer['id'];
    }

    /** @return array<string, string> spot by piece, of single pieces that the first swap brings from a tote to one spot */
    private function movedByFirst(): array
    {
        return $this->db()->fetchAllKeyValue(
            "SELECT x.piece_id, MIN(x.spot_id) FROM placement x JOIN piece p ON p.id = x.piece_id JOIN standing s ON s.piece_id = p.id "
                . "AND s.count = p.count AND s.place LIKE 'tote:%' WHERE x.swap_id = ? GROUP BY x.piece_id HAVING COUNT(*) = 1 AND SUM(x.count) = MAX(p.count)",
            [basename($this->first)],
        );
    }

    /** @return array<string, int> units by "piece place", of what stands */
    private function standing(): array
    {
        return array_map(
            intval(...),
            $this->db()->fetchAllKeyValue(
                "SELECT s.piece_id || ' ' "
                    . "|| s.place, s.count FROM standing s JOIN piece p ON p.id = s.piece_id JOIN home h ON h.id = p.home_id "
                    . "WHERE h.name = 'Ferry House' AND s.place LIKE 'spot:%' AND s.count > 0 ORDER BY 1",
            ),
        );
    }

    /**
     * @param list<array<string, mixed>> $tasks
     *
     * @return array<string, mixed>
     */
    private function taskWith(array $tasks, string $piece): array
    {
        foreach ($tasks as $task) {
            if (\in_array($piece, array_column($task['moves'], 'piece'), true)) {
                return $task;
            }
        }

        throw new \LogicException('No task moves it.');
    }

    private function tickAll(string $swap): void
    {
        foreach ($this->call('POST', $swap . '/day', ['people' => 2])['tasks'] as $i => $task) {
            if (!$task['isDone']) {
                $this->call('PUT', $this->home() . '/tasks/' . $task['id'], ['done' => true, 'key' => $i . $task['id']]);
                self::assertSame(200, $this->code(), $task['title'] . ': ' . $this->text());
            }
        }
    }
}
