<?php

declare(strict_types=1);

namespace App\View\Cupboard;

final readonly class MovementsView
{
    /** @param list<MovementView> $movements newest first */
    public function __construct(public array $movements) {}
}
