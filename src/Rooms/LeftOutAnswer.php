<?php

declare(strict_types=1);

namespace App\Rooms;

final readonly class LeftOutAnswer
{
    public function __construct(public string $reason, public int $pieces) {}
}
