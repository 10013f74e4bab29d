<?php

declare(strict_types=1);

namespace App\Sqlite;

use Doctrine\DBAL\Driver\Middleware\AbstractConnectionMiddleware;

/** Begins every transaction with its write lock, so that two writers wait for each other instead of failing half-way. */
final class ImmediateConnection extends AbstractConnectionMiddleware
{
    public function beginTransaction(): void
    {
        $this->exec('BEGIN IMMEDIATE');
    }

    public function commit(): void
    {
        $this->exec('COMMIT');
    }

    public function rollBack(): void
    {
        $this->exec('ROLLBACK');
    }
}
