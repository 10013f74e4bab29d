<?php

declare(strict_types=1);

namespace App\Sqlite;

use Doctrine\Bundle\DoctrineBundle\Attribute\AsMiddleware;
use Doctrine\DBAL\Driver;
use Doctrine\DBAL\Driver\Connection as DriverConnection;
use Doctrine\DBAL\Driver\Middleware;
use Doctrine\DBAL\Driver\Middleware\AbstractDriverMiddleware;

/** Opens SQLite the way a server needs it: write-ahead log, foreign keys on, a busy timeout, write locks taken at once. Other databases pass untouched. */
#[AsMiddleware(priority: 1000)]
final class SqliteMiddleware implements Middleware
{
    public function wrap(Driver $driver): Driver
    {
        return new class ($driver) extends AbstractDriverMiddleware {
            public function connect(#[\SensitiveParameter] array $params): DriverConnection
            {
                $connection = parent::connect($params);
                if (!str_contains((string) ($params['driver'] ?? ''), 'sqlite')) {
                    return $connection;
                }
                foreach ([
                    'journal_mode = WAL', 'synchronous = NORMAL', 'foreign_keys = ON', 'busy_timeout = 20000', 'cache_size = -16384',
                    'mmap_size = 268435456',
                ] as $pragma) {
                    $connection->exec('PRAGMA ' . $pragma);
                }

                return new ImmediateConnection($connection);
            }
        };
    }
}
