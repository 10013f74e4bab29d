<?php

declare(strict_types=1);

namespace App\Rooms;

final readonly class BandAnswer
{
    public function __construct(public float $value, public float $low, public float $high) {}
}
