<?php

declare(strict_types=1);

namespace App\View\Rooms;

final readonly class LeftOutView
{
    public function __construct(public string $reason, public int $pieces) {}
}
