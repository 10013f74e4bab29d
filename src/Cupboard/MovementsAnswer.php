<?php

declare(strict_types=1);

namespace App\Cupboard;

final readonly class MovementsAnswer
{
    /** @param list<MovementAnswer> $movements newest first */
    public function __construct(public array $movements) {}
}
