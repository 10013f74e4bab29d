<?php

declare(strict_types=1);

namespace App\Intake;

/** How far a table has been taken in. */
final readonly class TableProgressAnswer
{
    public function __construct(public string $id, public int $done, public int $rows, public int $made) {}
}
