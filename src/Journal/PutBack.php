<?php

declare(strict_types=1);

namespace App\Journal;

use App\Http\Conflict;
use Doctrine\DBAL\Connection;
use Doctrine\DBAL\Exception\ConstraintViolationException;
use Psr\Clock\ClockInterface;
use Symfony\Component\Uid\Ulid;

/**
 * Puts the rows of an entry back as they were, if each still is as the act left it.
 *
 * Two kinds of rows do not simply go: a movement is never unwritten, it is answered by one the other way; and a thing
 * that is taken away softly when a person deletes it is taken away softly here, too.
 *
 * @phpstan-import-type Columns from RowChange
 */
final readonly class PutBack
{
    private const MOVEMENT = 'movement';
    private const SOFT = ['piece', 'room', 'spot', 'tote', 'look', 'need', 'note'];
    private const VERSIONED = [
        'home', 'room', 'spot', 'tote', 'look', 'swap', 'piece', 'decision', 'placement', 'haul_line', 'work_day', 'sheet_task',
        'home_calendar', 'floor', 'furniture',
    ];
    /** Rows that others refer to come first when they come back, and go last when they go. */
    private const ORDER = ['home', 'room', 'furniture', 'spot', 'tote', 'look', 'piece', 'swap', 'work_day', 'need', 'haul_line'];

    public function __construct(private Connection $db, private RunningAct $act, private Entries $entries, private ClockInterface $clock) {}

    public function rows(string $home, Entry $entry, string $by): void
    {
        try {
            foreach ($this->ordered($entry->rows) as $row) {
                $this->back($home, $entry, $row->back(), $by);
            }
        } catch (ConstraintViolationException) {
            throw $this->refusal(
                $home,
                $entry,
                array_merge(...array_map(static fn(RowChange $row): array => [$row->mark(), ...$row->subjects()], $entry->rows)),
            );
        }
    }

    /**
     * @param list<RowChange> $rows
     *
     * @return list<RowChange>
     */
    private function ordered(array $rows): array
    {
        $rank = static fn(RowChange $row): int => (int) array_search($row->table, [...self::ORDER, $row->table], true);
        $keyed = [];
        foreach ($rows as $i => $row) {
            // What was made goes last to first, what was deleted comes back first to last.
            $keyed[] = [null === $row->before ? 1 : 0, null === $row->before ? -$rank($row) : $rank($row), null === $row->before ? -$i : $i, $row];
        }
        usort($keyed, static fn(array $a, array $b): int => [$a[0], $a[1], $a[2]] <=> [$b[0], $b[1], $b[2]]);

        return array_column($keyed, 3);
    }

    private function back(string $home, Entry $entry, RowChange $row, string $by): void
    {
        if (self::MOVEMENT === $row->table) {
            $this->counter($row->before ?? $row->after ?? [], $by);

            return;
        }
        $this->requireAsLeft($home, $entry, $row);
        $now = $this->clock->now()->format('Y-m-d H:i:s');
        if (null === $row->after && \in_array($row->table, self::SOFT, true)) {
            $row = new RowChange($row->table, $row->key, ['removed_at' => $row->before['removed_at'] ?? null], ['removed_at' => $now]);
            $this->requireUnused($home, $entry, $row);
        }
        $this->write($row);
        $this->act->collect($row);
    }

    private function write(RowChange $row): void
    {
        $isVersioned = \in_array($row->table, self::VERSIONED, true);
        $quote = $this->db->quoteSingleIdentifier(...);
        $table = $quote($row->table);
        $where = implode(' AND ', array_map(static fn(string $column): string => $quote($column) . ' = ?', array_keys($row->key)));
        if (null === $row->after) {
            $this->db->executeStatement("DELETE FROM {$table} WHERE {$where}", array_values($row->key));
        } elseif (null === $row->before) {
            $columns = $row->after + ($isVersioned ? ['version' => 1] : []);
            $this->db->executeStatement(
                sprintf(
                    'INSERT INTO %s (%s) VALUES (%s)',
                    $table,
                    implode(', ', array_map($quote, array_keys($columns))),
                    implode(', ', array_fill(0, \count($columns), '?')),
                ),
                array_values($columns),
            );
        } else {
            $set = implode(
                ', ',
                [
                    ...array_map(static fn(string $column): string => $quote($column) . ' = ?', array_keys($row->after)),
                    ...($isVersioned ? ['version = version + 1'] : []),
                ],
            );
            $this->db->executeStatement("UPDATE {$table} SET {$set} WHERE {$where}", [...array_values($row->after), ...array_values($row->key)]);
        }
    }

    /** @param RowChange $row as it is to become; what is before must be what is there */
    private function requireAsLeft(string $home, Entry $entry, RowChange $row): void
    {
        $quote = $this->db->quoteSingleIdentifier(...);
        $found = $this->db->fetchAssociative(
            sprintf(
                'SELECT * FROM %s WHERE %s',
                $quote($row->table),
                implode(' AND ', array_map(static fn(string $column): string => $quote($column) . ' = ?', array_keys($row->key))),
            ),
            array_values($row->key),
        );
        $isAsLeft = null === $row->before ? false === $found : false !== $found && $this->agree($row->before, $found);
        if (!$isAsLeft) {
            throw $this->refusal($home, $entry, [$row->mark()]);
        }
    }

    /** A thing that goes must not have been used by a later act. */
    private function requireUnused(string $home, Entry $entry, RowChange $row): void
    {
        $later = $this->entries->touchedSince($home, $entry, [$row->mark()]);
        if (null !== $later) {
            throw $this->refusal($home, $entry, [$row->mark()]);
        }
    }

    /**
     * @param Columns              $left
     * @param array<string, mixed> $found
     */
    private function agree(array $left, array $found): bool
    {
        foreach ($left as $column => $value) {
            $there = $found[$column] ?? null;
            if (null === $value || null === $there) {
                $isOther = $value !== $there;
            } else {
                $isOther = !\is_scalar($there) || (string) $there !== (string) (\is_bool($value) ? (int) $value : $value);
            }
            if ($isOther) {
                return false;
            }
        }

        return true;
    }

    /** @param list<string> $marks */
    private function refusal(string $home, Entry $entry, array $marks): Conflict
    {
        $later = $this->entries->touchedSince($home, $entry, $marks);

        return new Conflict(null === $later
            ? sprintf('“%s” cannot be undone: what it changed has changed since. Nothing was touched.', $entry->sentence)
            : sprintf('“%s” cannot be undone: since then %s: “%s”. Undo that first, or leave it.', $entry->sentence, $later->by, $later->sentence));
    }

    /** @param Columns $moved columns of the movement that is answered */
    private function counter(array $moved, string $by): void
    {
        $row = [
            'id' => (string) new Ulid(),
            'piece_id' => $moved['piece_id'] ?? null,
            'count' => $moved['count'] ?? 0,
            'from_place' => $moved['to_place'] ?? '',
            'to_place' => $moved['from_place'] ?? '',
            'at' => $this->clock->now()->format('Y-m-d H:i:s'),
            'by' => $by,
            'cause' => mb_strimwidth('taken back: ' . ($moved['cause'] ?? ''), 0, 120, '…'),
        ];
        $change = new RowChange(self::MOVEMENT, ['id' => $row['id']], null, $row);
        $this->write($change);
        $this->act->collect($change);
    }
}
