<?php

declare(strict_types=1);

namespace App\Floor;

use BrightCupboard\Core\Floor\FloorPlace;

final readonly class FloorPlaceAnswer
{
    private function __construct(public int $left, public int $far, public int $turns) {}

    public static function of(FloorPlace $place): self
    {
        return new self($place->left->tenths(), $place->top->tenths(), $place->turns);
    }
}
