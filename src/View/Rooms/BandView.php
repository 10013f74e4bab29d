<?php

declare(strict_types=1);

namespace App\View\Rooms;

final readonly class BandView
{
    public function __construct(public float $value, public float $low, public float $high) {}
}
