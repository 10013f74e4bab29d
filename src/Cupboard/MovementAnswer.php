<?php

declare(strict_types=1);

namespace App\Cupboard;

use App\Entity\Movement;

final readonly class MovementAnswer
{
    private function __construct(public int $count, public string $from, public string $to, public string $at, public string $by, public string $cause) {}

    public static function of(Movement $movement): self
    {
        return new self($movement->count(), $movement->from(), $movement->to(), $movement->at()->format(\DATE_ATOM), $movement->by(), $movement->cause());
    }
}
