<?php

declare(strict_types=1);

namespace App\Entity;

use BrightCupboard\Core\Day\DayTask;
use BrightCupboard\Core\Day\Effort;
use BrightCupboard\Core\Day\Phase;
use BrightCupboard\Core\Day\Tick;
use BrightCupboard\Core\Stock\Move;
use BrightCupboard\Core\Stock\Place;

/**
 * A task of a built day sheet as it is kept, and read again: named as its columns.
 *
 * @phpstan-type MoveRow array{piece: string, count: int, from: string, to: string}
 * @phpstan-type TaskRow array{
 *   id: string, ordinal: int, task_key: string, phase: string, title: string, task_group: string, moves: list<MoveRow>, minutes: int, hands: int,
 *   climbs: int|bool, lifts: int|bool, laid: int, by_rule: int, steps: list<string>, cautions: list<string>, after_keys: list<string>,
 *   opens_tote: string|null, spot_id: string|null, done_at: string|null, done_by: string|null, took: int|null
 * }
 */
final readonly class StoredTask
{
    /** @param Tick|null $tick null while it is not done */
    private function __construct(public string $id, public int $ordinal, public DayTask $task, public ?Tick $tick) {}

    /** @param TaskRow $row */
    public static function read(array $row): self
    {
        $moves = array_map(
            static fn(array $move): Move => new Move($move['piece'], $move['count'], Place::ofKey($move['from']), Place::ofKey($move['to'])),
            $row['moves'],
        );
        $effort = new Effort($row['minutes'], $row['hands'], (bool) $row['climbs'], (bool) $row['lifts'], $row['laid'], $row['by_rule']);
        $task = new DayTask(
            $row['task_key'],
            Phase::from($row['phase']),
            $row['title'],
            $row['task_group'],
            $moves,
            $effort,
            $row['steps'],
            $row['cautions'],
            $row['after_keys'],
            $row['opens_tote'],
            $row['spot_id'],
        );
        $doneAt = null === $row['done_at'] ? null : (new \DateTimeImmutable($row['done_at']))->getTimestamp();

        return new self(
            $row['id'],
            $row['ordinal'],
            $task,
            null === $doneAt ? null : new Tick($row['done_by'] ?? '', $doneAt, $row['minutes'], $row['took']),
        );
    }

    public function is(DayTask $task, int $ordinal): bool
    {
        return $this->ordinal === $ordinal && $this->task->is($task);
    }

    /**
     * @param list<Move> $moves
     *
     * @return list<MoveRow>
     */
    public static function moves(array $moves): array
    {
        return array_map(
            static fn(Move $move): array => ['piece' => $move->pieceId, 'count' => $move->count, 'from' => $move->from->key(), 'to' => $move->to->key()],
            $moves,
        );
    }
}
