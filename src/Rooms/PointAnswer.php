<?php

declare(strict_types=1);

namespace App\Rooms;

final readonly class PointAnswer
{
    public function __construct(public int $x, public int $top) {}
}
