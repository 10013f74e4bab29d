<?php

declare(strict_types=1);

namespace App\Table;

final readonly class GuardsAnswer
{
    /** @param list<GuardAnswer> $guards */
    public function __construct(public array $guards) {}
}
