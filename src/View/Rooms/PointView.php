<?php

declare(strict_types=1);

namespace App\View\Rooms;

final readonly class PointView
{
    public function __construct(public int $x, public int $top) {}
}
