<?php

declare(strict_types=1);

namespace App\Day;

final readonly class TaskMoveAnswer
{
    public function __construct(public string $piece, public int $count, public string $from, public string $to) {}
}
