<?php

declare(strict_types=1);

namespace App\Journal;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\Connection;
use Doctrine\DBAL\ParameterType;

/**
 * The journal as it is stored: an entry an act, and a mark for each row and each thing it was about, by which entries are found.
 *
 * @phpstan-import-type Stored from RowChange
 *
 * @phpstan-type Row array{
 *   id: string, at: string, by: string, person_id: string, swap_id: string|null, sentence: string,
 *   takes_back: string|null, taken_back_by: string|null, is_undoing: int|bool, changes?: string
 * }
 */
final readonly class Entries
{
    private const COLUMNS = 'e.id, e.at, e."by", e.person_id, e.swap_id, e.sentence, e.takes_back, e.taken_back_by, e.is_undoing';
    /** An act that touches more rows than this (a sheet taken in) is found by its time and person alone. */
    private const MOST_MARKS = 600;

    public function __construct(private Connection $db) {}

    public function add(string $home, Entry $entry): void
    {
        $this->db->executeStatement(
            'INSERT INTO journal_entry (id, home_id, at, "by", person_id, swap_id, sentence, takes_back, is_undoing, changes) '
            . 'VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?)',
            [
                $entry->id,
                $home,
                $entry->at->format('Y-m-d H:i:s'),
                $entry->by,
                $entry->person,
                $entry->swap,
                $entry->sentence,
                $entry->takesBack,
                (int) $entry->isUndoing,
                json_encode(array_map(static fn(RowChange $row): array => $row->stored(), $entry->rows), \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE),
            ],
        );
        $marks = array_slice($this->marks($entry->rows), 0, self::MOST_MARKS);
        if ([] !== $marks) {
            $this->db->executeStatement(
                'INSERT INTO journal_mark (entry_id, mark) VALUES ' . implode(', ', array_fill(0, \count($marks), '(?, ?)')),
                array_merge(...array_map(static fn(string $mark): array => [$entry->id, $mark], $marks)),
            );
        }
        if (null !== $entry->takesBack) {
            $this->db->executeStatement('UPDATE journal_entry SET taken_back_by = ? WHERE id = ?', [$entry->id, $entry->takesBack]);
        }
    }

    public function find(string $home, string $id): ?Entry
    {
        return $this->read('e.home_id = ? AND e.id = ?', [$home, $id], 1, true)[0] ?? null;
    }

    /** The last act of a person that still holds; doing again what was undone counts as an act. */
    public function lastOf(string $home, string $person): ?Entry
    {
        return $this->read('e.home_id = ? AND e.person_id = ? AND e.taken_back_by IS NULL AND e.is_undoing = 0', [$home, $person], 1, true)[0] ?? null;
    }

    /** The last undoing of a person that still holds, as long as nothing new was done since. */
    public function lastUndoingOf(string $home, string $person): ?Entry
    {
        $isNewer = 'EXISTS (SELECT 1 FROM journal_entry n WHERE n.home_id = e.home_id AND n.person_id = e.person_id AND n.id > e.id AND n.takes_back IS NULL)';

        return $this->read(
            'e.home_id = ? AND e.person_id = ? AND e.taken_back_by IS NULL AND e.is_undoing = 1 AND NOT ' . $isNewer,
            [$home, $person],
            1,
            true,
        )[0] ?? null;
    }

    /**
     * What was done, newest first.
     *
     * @return list<Entry> without their rows
     */
    public function latest(string $home, ?string $about, ?string $person, ?string $before, int $most): array
    {
        [$where, $values] = ['e.home_id = ?', [$home]];
        foreach ([
            ['e.person_id = ?', $person],
            ['e.id < ?', $before],
            ['EXISTS (SELECT 1 FROM journal_mark m WHERE m.entry_id = e.id AND m.mark = ?)', $about],
        ] as [$condition, $value]) {
            if (null !== $value) {
                $where .= ' AND ' . $condition;
                $values[] = $value;
            }
        }

        return $this->read($where, $values, $most, false);
    }

    /**
     * The last act after an entry that touched one of the same rows or things.
     *
     * @param list<string> $marks
     */
    public function touchedSince(string $home, Entry $entry, array $marks): ?Entry
    {
        return $this->read(
            'e.home_id = ? AND e.id > ? AND e.taken_back_by IS NULL AND EXISTS (SELECT 1 FROM journal_mark m WHERE m.entry_id = e.id AND m.mark IN (?))',
            [$home, $entry->id, \array_slice($marks, 0, self::MOST_MARKS)],
            1,
            false,
        )[0] ?? null;
    }

    /** @return list<string> tables whose rows have changed after an entry */
    public function tablesSince(string $home, string $entry): array
    {
        /** @var list<string> $marks */
        $marks = $this->db->fetchFirstColumn(
            'SELECT m.mark FROM journal_entry e JOIN journal_mark m ON m.entry_id = e.id WHERE e.home_id = ? AND e.id > ?',
            [$home, $entry],
        );

        return array_values(array_unique(array_map(static fn(string $mark): string => explode(':', $mark, 2)[0], $marks)));
    }

    /** @return array<string, string> names by id, of those who have done something here */
    public function people(string $home): array
    {
        /** @var array<string, string> $people */
        $people = $this->db->fetchAllKeyValue('SELECT person_id, MAX("by") FROM journal_entry WHERE home_id = ? GROUP BY person_id ORDER BY 2', [$home]);

        return $people;
    }

    public function forgetBefore(string $home, \DateTimeImmutable $day): void
    {
        $old = [$home, $day->format('Y-m-d H:i:s')];
        $this->db->executeStatement('DELETE FROM journal_mark WHERE entry_id IN (SELECT id FROM journal_entry WHERE home_id = ? AND at < ?)', $old);
        $this->db->executeStatement('DELETE FROM journal_entry WHERE home_id = ? AND at < ?', $old);
    }

    /**
     * @param list<RowChange> $rows
     *
     * @return list<string>
     */
    private function marks(array $rows): array
    {
        $marks = [];
        foreach ($rows as $row) {
            $marks[$row->mark()] = true;
            $marks += array_fill_keys($row->subjects(), true);
        }

        return array_keys($marks);
    }

    /**
     * @param list<string|list<string>> $values
     *
     * @return list<Entry> newest first
     */
    private function read(string $where, array $values, int $most, bool $withRows): array
    {
        /** @var list<Row> $rows */
        $rows = $this->db->fetchAllAssociative(
            sprintf('SELECT %s%s FROM journal_entry e WHERE %s ORDER BY e.id DESC LIMIT %d', self::COLUMNS, $withRows ? ', e.changes' : '', $where, $most),
            $values,
            array_map(
                static fn(string|array $value): ArrayParameterType|ParameterType => \is_array($value) ? ArrayParameterType::STRING : ParameterType::STRING,
                $values,
            ),
        );

        return array_map($this->entry(...), $rows);
    }

    /** @param Row $row */
    private function entry(array $row): Entry
    {
        /** @var list<Stored> $changes */
        $changes = json_decode($row['changes'] ?? '[]', true, 16, \JSON_THROW_ON_ERROR);

        return new Entry(
            $row['id'],
            new \DateTimeImmutable($row['at']),
            $row['by'],
            $row['person_id'],
            $row['swap_id'],
            $row['sentence'],
            $row['takes_back'],
            $row['taken_back_by'],
            (bool) $row['is_undoing'],
            array_map(RowChange::ofStored(...), $changes),
        );
    }
}
