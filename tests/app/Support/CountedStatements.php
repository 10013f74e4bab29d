<?php

declare(strict_types=1);

namespace App\Tests\Support;

use Doctrine\DBAL\Driver;
use Doctrine\DBAL\Driver\Connection;
use Doctrine\DBAL\Driver\Middleware;
use Doctrine\DBAL\Driver\Middleware\AbstractConnectionMiddleware;
use Doctrine\DBAL\Driver\Middleware\AbstractDriverMiddleware;
use Doctrine\DBAL\Driver\Middleware\AbstractStatementMiddleware;
use Doctrine\DBAL\Driver\Result;
use Doctrine\DBAL\Driver\Statement;

/**
 * Writes down every statement that reaches the database, so that a test can say how many an act takes; where a
 * transaction begins and ends is not among them.
 */
final class CountedStatements implements Middleware
{
    /** @var list<string> */
    public static array $statements = [];

    public function wrap(Driver $driver): Driver
    {
        return new class ($driver) extends AbstractDriverMiddleware {
            public function connect(#[\SensitiveParameter] array $params): Connection
            {
                return new class (parent::connect($params)) extends AbstractConnectionMiddleware {
                    public function prepare(string $sql): Statement
                    {
                        return new class (parent::prepare($sql), $sql) extends AbstractStatementMiddleware {
                            public function __construct(Statement $statement, private readonly string $sql)
                            {
                                parent::__construct($statement);
                            }

                            public function execute(): Result
                            {
                                CountedStatements::$statements[] = $this->sql;

                                return parent::execute();
                            }
                        };
                    }

                    public function query(string $sql): Result
                    {
                        CountedStatements::$statements[] = $sql;

                        return parent::query($sql);
                    }

                    public function exec(string $sql): int|string
                    {
                        if (1 !== preg_match('/^(?:SAVEPOINT|RELEASE|ROLLBACK|BEGIN|COMMIT|PRAGMA)/', $sql)) {
                            CountedStatements::$statements[] = $sql;
                        }

                        return parent::exec($sql);
                    }
                };
            }
        };
    }
}
