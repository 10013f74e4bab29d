<?php

declare(strict_types=1);

namespace App\Rooms;

final readonly class SpotStateAnswer
{
    public function __construct(public string $spot, public int $placements, public int $good, public int $checks, public int $needs) {}
}
