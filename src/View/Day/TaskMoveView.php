<?php

declare(strict_types=1);

namespace App\View\Day;

final readonly class TaskMoveView
{
    public function __construct(public string $piece, public int $count, public string $from, public string $to) {}
}
