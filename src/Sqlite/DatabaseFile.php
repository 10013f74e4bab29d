<?php

declare(strict_types=1);

namespace App\Sqlite;

use Doctrine\DBAL\Connection;

/** The database as a file: copied while it is in use, checked before it counts, put back in one transaction. */
final readonly class DatabaseFile
{
    private const WAIT_MS = 20_000;

    public function __construct(private Connection $db) {}

    /**
     * Copies it by SQLite's own online backup into a new file that only its owner can read.
     *
     * @throws UnsoundCopy when the copy cannot be written whole or is not sound; no file is left then
     */
    public function copyTo(string $file): void
    {
        $this->copy($this->path(), $file);
    }

    /**
     * Puts the content of another database in place of this one's: all of it or nothing, after whoever is writing, and
     * before whoever comes next.
     *
     * @return string name of the file in which the former content is kept
     *
     * @throws UnsoundCopy when the file is not a whole database of this version, or is this one; nothing is changed then
     */
    public function replaceBy(string $file): string
    {
        if (!is_file($file)) {
            throw new UnsoundCopy('there is no such file');
        }
        if (fileinode($file) === fileinode($this->path())) {
            throw new UnsoundCopy('it is the database that is in use');
        }
        $checked = $this->freeName($this->path() . '.restoring');
        try {
            // What was checked is what is put back, whatever becomes of the file given.
            $this->copy($file, $checked);
            $this->requireOurs($checked);

            return $this->replace($checked);
        } finally {
            @unlink($checked);
        }
    }

    private function replace(string $checked): string
    {
        $live = self::open($this->path());
        $live->exec('PRAGMA foreign_keys = OFF');
        $live->exec("ATTACH DATABASE '" . \SQLite3::escapeString($checked) . "' AS given");
        $live->exec('BEGIN IMMEDIATE');
        try {
            $kept = $this->freeName($this->path() . '.before-restore');
            $this->copy($this->path(), $kept);
            foreach ($this->tables($live) as $table) {
                $name = '"' . $table . '"';
                $columns = implode(', ', array_map(static fn(string $column): string => '"' . $column . '"', $this->columns($live, $table)));
                $live->exec("DELETE FROM main.{$name}");
                $live->exec("INSERT INTO main.{$name} ({$columns}) SELECT {$columns} FROM given.{$name}");
            }
            if (null !== $live->querySingle('PRAGMA main.foreign_key_check')) {
                throw new UnsoundCopy('things in it refer to others that are not in it');
            }
            $live->exec('COMMIT');
        } catch (\Throwable $error) {
            $live->exec('ROLLBACK');
            throw $error instanceof UnsoundCopy ? $error : new UnsoundCopy($error->getMessage(), previous: $error);
        } finally {
            $live->close();
        }

        return $kept;
    }

    private function copy(string $from, string $to): void
    {
        $mask = umask(0o077);
        try {
            $source = self::open($from, \SQLITE3_OPEN_READONLY);
            $copy = self::open($to, \SQLITE3_OPEN_READWRITE | \SQLITE3_OPEN_CREATE);
            $isWhole = $source->backup($copy);
            $copy->exec('PRAGMA journal_mode = DELETE'); // one file, not three
            $answer = $copy->querySingle('PRAGMA integrity_check');
            $copy->close();
            $source->close();
            if (!$isWhole || 'ok' !== $answer) {
                throw new UnsoundCopy('the integrity check says ' . (\is_scalar($answer) ? $answer : 'nothing'));
            }
        } catch (\Exception $error) {
            foreach (['', '-journal', '-wal', '-shm'] as $part) {
                @unlink($to . $part);
            }
            throw $error instanceof UnsoundCopy ? $error : new UnsoundCopy($error->getMessage(), previous: $error);
        } finally {
            umask($mask);
        }
    }

    /** Wholly ours, and of this version: the same tables with the same columns, after the same migrations. */
    private function requireOurs(string $file): void
    {
        [$ours, $given] = [self::open($this->path(), \SQLITE3_OPEN_READONLY), self::open($file, \SQLITE3_OPEN_READONLY)];
        try {
            foreach ($this->tables($ours) as $table) {
                if ($this->columns($ours, $table) !== $this->columns($given, $table)) {
                    throw new UnsoundCopy([] === $this->columns($given, $table)
                        ? sprintf('it is not a database of Bright Cupboard: it has no %s', $table)
                        : sprintf('it is of another version: %s is not the same', $table));
                }
            }
            $strange = array_diff($this->tables($given), $this->tables($ours));
            if ([] !== $strange) {
                throw new UnsoundCopy(sprintf('it is not wholly ours: it has %s', reset($strange)));
            }
            if ($this->migrations($ours) !== $this->migrations($given)) {
                throw new UnsoundCopy('it is of another version: bring it up to this one first (doctrine:migrations:migrate)');
            }
        } catch (UnsoundCopy $fault) {
            throw $fault;
        } catch (\Exception $error) {
            throw new UnsoundCopy($error->getMessage(), previous: $error);
        } finally {
            $ours->close();
            $given->close();
        }
    }

    /** @return list<string> by name */
    private function tables(\SQLite3 $database): array
    {
        return self::column($database, "SELECT name FROM main.sqlite_master WHERE type = 'table' AND name NOT LIKE 'sqlite\\_%' ESCAPE '\\' ORDER BY name");
    }

    /** @return list<string> by name */
    private function columns(\SQLite3 $database, string $table): array
    {
        return self::column($database, "SELECT name FROM pragma_table_info('" . \SQLite3::escapeString($table) . "') ORDER BY name");
    }

    /** @return list<string> */
    private function migrations(\SQLite3 $database): array
    {
        return self::column($database, 'SELECT version FROM doctrine_migration_versions ORDER BY version');
    }

    /** @return list<string> */
    private static function column(\SQLite3 $database, string $query): array
    {
        $answer = $database->query($query);
        $values = [];
        while (false !== $answer && false !== ($row = $answer->fetchArray(\SQLITE3_NUM))) {
            $values[] = \is_scalar($row[0]) ? (string) $row[0] : '';
        }

        return $values;
    }

    private static function open(string $file, int $flags = \SQLITE3_OPEN_READWRITE): \SQLite3
    {
        $database = new \SQLite3($file, $flags);
        $database->enableExceptions(true);
        $database->busyTimeout(self::WAIT_MS);

        return $database;
    }

    private function freeName(string $name): string
    {
        $free = $name;
        for ($i = 2; file_exists($free); ++$i) {
            $free = $name . '-' . $i;
        }

        return $free;
    }

    private function path(): string
    {
        $path = $this->db->getParams()['path'] ?? throw new \LogicException('Only an SQLite file can be copied this way.');

        return $path;
    }
}
