<?php

declare(strict_types=1);

namespace App\Sqlite;

use Doctrine\DBAL\Connection;

/** The database as a file: copied by SQLite's own online backup, checked by its integrity check. */
final readonly class DatabaseFile
{
    public function __construct(private Connection $db) {}

    public function copyTo(string $file): void
    {
        $source = new \SQLite3($this->path(), \SQLITE3_OPEN_READONLY);
        $source->busyTimeout(5000);
        $copy = new \SQLite3($file);
        if (!$source->backup($copy)) {
            throw new \RuntimeException('The database could not be copied.');
        }
        $copy->close();
        $source->close();
    }

    /** The name under which the former database is kept. */
    public function replaceBy(string $file): string
    {
        $path = $this->path();
        $kept = $path . '.before-restore';
        $this->db->close();
        foreach (['-wal', '-shm', ''] as $part) {
            if (is_file($path . $part)) {
                rename($path . $part, $kept . $part);
            }
        }
        copy($file, $path);

        return $kept;
    }

    /** What is wrong with a database file, or null when it is sound and one of ours. */
    public static function fault(string $file): ?string
    {
        try {
            $database = new \SQLite3($file, \SQLITE3_OPEN_READONLY);
            $database->enableExceptions(true);
            $answer = $database->querySingle('PRAGMA integrity_check');
            $homes = $database->querySingle("SELECT COUNT(*) FROM sqlite_master WHERE name IN ('home', 'piece', 'standing', 'movement')");
            $database->close();

            return 'ok' !== $answer ? 'the integrity check says ' . (\is_scalar($answer) ? $answer : 'nothing') : (4 === $homes ? null : 'it is not a database of Bright Cupboard');
        } catch (\Exception $error) {
            return $error->getMessage();
        }
    }

    private function path(): string
    {
        $path = $this->db->getParams()['path'] ?? throw new \LogicException('Only an SQLite file can be copied this way.');

        return $path;
    }
}
