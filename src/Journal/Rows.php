<?php

declare(strict_types=1);

namespace App\Journal;

use Doctrine\DBAL\Connection;

/**
 * Writes many rows at once, past the unit of work, and tells the running act of each. One statement a kind of change,
 * whatever their number.
 *
 * @phpstan-import-type Columns from RowChange
 */
final readonly class Rows
{
    private const MOST_AT_ONCE = 400;

    public function __construct(private Connection $db, private RunningAct $act) {}

    /**
     * @param list<Columns> $rows with the same columns in the same order
     * @param list<string>  $key  names of the columns that make a row unique
     */
    public function insert(string $table, array $key, array $rows, bool $isVersioned = true): void
    {
        foreach (array_chunk($rows, self::MOST_AT_ONCE) as $some) {
            $columns = array_keys($some[0]);
            $places = '(' . implode(', ', array_fill(0, \count($columns), '?')) . ($isVersioned ? ', 1' : '') . ')';
            $names = implode(', ', [...array_map($this->db->quoteSingleIdentifier(...), $columns), ...($isVersioned ? ['version'] : [])]);
            $this->db->executeStatement(
                sprintf(
                    'INSERT INTO %s (%s) VALUES %s',
                    $this->db->quoteSingleIdentifier($table),
                    $names,
                    implode(', ', array_fill(0, \count($some), $places)),
                ),
                array_merge(...array_map(array_values(...), $some)),
            );
            foreach ($some as $row) {
                $this->act->collect(new RowChange($table, $this->keyOf($row, $key), null, $row));
            }
        }
    }

    /**
     * @param list<Columns> $rows as they are now, whole
     * @param list<string>  $key
     */
    public function delete(string $table, array $key, array $rows): void
    {
        foreach (array_chunk($rows, self::MOST_AT_ONCE) as $some) {
            $one = '(' . implode(' AND ', array_map(fn(string $column): string => $this->db->quoteSingleIdentifier($column) . ' = ?', $key)) . ')';
            $keys = array_map(fn(array $row): array => $this->keyOf($row, $key), $some);
            $this->db->executeStatement(
                sprintf('DELETE FROM %s WHERE %s', $this->db->quoteSingleIdentifier($table), implode(' OR ', array_fill(0, \count($some), $one))),
                array_merge(...array_map(array_values(...), $keys)),
            );
            foreach ($some as $i => $row) {
                $this->act->collect(new RowChange($table, $keys[$i], $row, null));
            }
        }
    }

    /**
     * Writes the same new values into several rows.
     *
     * @param Columns                                                             $to
     * @param list<array{key: array<string, int|string>, before: Columns}> $rows
     */
    public function update(string $table, array $to, array $rows, bool $isVersioned = true): void
    {
        foreach (array_chunk($rows, self::MOST_AT_ONCE) as $some) {
            $set = implode(
                ', ',
                [
                    ...array_map(fn(string $column): string => $this->db->quoteSingleIdentifier($column) . ' = ?', array_keys($to)),
                    ...($isVersioned ? ['version = version + 1'] : []),
                ],
            );
            $one = '(' . implode(
                ' AND ',
                array_map(fn(string $column): string => $this->db->quoteSingleIdentifier($column) . ' = ?', array_keys($some[0]['key'])),
            ) . ')';
            $this->db->executeStatement(
                sprintf('UPDATE %s SET %s WHERE %s', $this->db->quoteSingleIdentifier($table), $set, implode(' OR ', array_fill(0, \count($some), $one))),
                [...array_values($to), ...array_merge(...array_map(static fn(array $row): array => array_values($row['key']), $some))],
            );
            foreach ($some as $row) {
                $this->act->collect(new RowChange($table, $row['key'], $row['before'], $to));
            }
        }
    }

    /**
     * Writes rows whether they are there or not; each has values of its own. Not for what counts its versions.
     *
     * @param list<array{key: array<string, int|string>, before: Columns|null, after: Columns}> $rows with the same columns in the same order
     */
    public function upsert(string $table, array $rows): void
    {
        foreach (array_chunk($rows, self::MOST_AT_ONCE) as $some) {
            $quote = $this->db->quoteSingleIdentifier(...);
            $columns = array_keys($some[0]['key'] + $some[0]['after']);
            $this->db->executeStatement(sprintf(
                'INSERT INTO %s (%s) VALUES %s ON CONFLICT (%s) DO UPDATE SET %s',
                $quote($table),
                implode(', ', array_map($quote, $columns)),
                implode(', ', array_fill(0, \count($some), '(' . implode(', ', array_fill(0, \count($columns), '?')) . ')')),
                implode(', ', array_map($quote, array_keys($some[0]['key']))),
                implode(
                    ', ',
                    array_map(static fn(string $column): string => $quote($column) . ' = excluded.' . $quote($column), array_keys($some[0]['after'])),
                ),
            ), array_merge(...array_map(static fn(array $row): array => array_values($row['key'] + $row['after']), $some)));
            foreach ($some as $row) {
                $this->act->collect(new RowChange($table, $row['key'], $row['before'], null === $row['before'] ? $row['key'] + $row['after'] : $row['after']));
            }
        }
    }

    /**
     * @param Columns      $row
     * @param list<string> $key
     *
     * @return array<string, int|string>
     */
    private function keyOf(array $row, array $key): array
    {
        $of = [];
        foreach ($key as $column) {
            $value = $row[$column] ?? null;
            $of[$column] = \is_int($value) || \is_string($value) ? $value : throw new \LogicException(sprintf('A row of %s has no %s.', $column, $column));
        }

        return $of;
    }
}
