<?php

declare(strict_types=1);

namespace App\View\Rooms;

final readonly class SpotStateView
{
    public function __construct(public string $spot, public int $placements, public int $good, public int $checks, public int $needs) {}
}
