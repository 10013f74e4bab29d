<?php

declare(strict_types=1);

namespace App\Tests;

use App\Tests\Support\AppTestCase;
use App\Tests\Support\CountedStatements;

/** What an act asks of the database does not grow with what it is about: so many statements, and no more pieces than are planned. */
final class StatementsTest extends AppTestCase
{
    private const PIECES = '/^SELECT id, name, kind, count.* FROM piece WHERE home_id/';
    private const PLANNED = '/ FROM piece WHERE home_id = \? AND removed_at IS NULL AND \(id IN \(SELECT piece_id FROM placement/';

    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
    }

    public function testStandingAPieceTakesFifteenAndReadsOnlyWhatIsPlanned(): void
    {
        $body = [
            'piece' => $this->id('piece', 'Ice hare'), 'spot' => $this->id('spot', 'Landing ledge'), 'count' => 1, 'left' => null,
            'layer' => null, 'raise' => 0,
        ];

        $this->assertTakes(15, 'POST', $this->swap() . '/placements', $body, 201);
        $this->assertReadsOnlyWhatIsPlanned();
    }

    public function testMovingAPieceTakesFifteenAndReadsOnlyWhatIsPlanned(): void
    {
        $row = $this->db()->fetchAssociative(
            'SELECT p.id, p.piece_id, p.spot_id, p.version FROM placement p WHERE p.swap_id = ? ORDER BY p.id',
            [basename($this->swap())],
        ) ?: [];
        $body = [
            'piece' => $row['piece_id'], 'spot' => $row['spot_id'], 'count' => 1, 'left' => 300, 'layer' => 'front', 'raise' => 0,
            'version' => $row['version'],
        ];

        $this->assertTakes(15, 'PUT', $this->swap() . '/placements/' . $row['id'], $body, 200);
        $this->assertReadsOnlyWhatIsPlanned();
    }

    public function testDecidingSixtyPiecesTakesTwenty(): void
    {
        $rows = \array_slice(
            array_filter($this->call('GET', $this->swap() . '/table')['rows'], static fn(array $row): bool => null === $row['choice'] && 0 === $row['placed']),
            0,
            60,
        );
        self::assertCount(60, $rows);
        $decisions = array_map(
            static fn(array $row): array => ['piece' => $row['piece'], 'choice' => $row['isOut'] ? 'stay' : 'rest', 'version' => $row['version']],
            $rows,
        );

        $this->assertTakes(20, 'PUT', $this->swap() . '/decisions', ['decisions' => array_values($decisions)], 200);
    }

    public function testATickTakesTwelve(): void
    {
        $tasks = $this->call('POST', $this->swap() . '/day', ['people' => 1])['tasks'];
        $task = array_values(array_filter($tasks, static fn(array $task): bool => \count($task['moves']) > 1))[0];

        $this->assertTakes(12, 'PUT', $this->home() . '/tasks/' . $task['id'], ['done' => true, 'key' => 'once'], 200);
    }

    /** @param array<mixed> $body */
    private function assertTakes(int $most, string $method, string $path, array $body, int $status): void
    {
        CountedStatements::$statements = [];
        $this->call($method, $path, $body);

        self::assertSame($status, $this->code(), $this->text());
        self::assertLessThanOrEqual(
            $most,
            \count(CountedStatements::$statements),
            implode("\n", array_map(static fn(string $sql): string => mb_strimwidth($sql, 0, 150, '…'), CountedStatements::$statements)),
        );
    }

    private function assertReadsOnlyWhatIsPlanned(): void
    {
        $read = preg_grep(self::PIECES, CountedStatements::$statements) ?: [];

        self::assertCount(1, $read, 'pieces are read once');
        self::assertSame($read, preg_grep(self::PLANNED, $read), 'and not the whole stock');
    }
}
