<?php

declare(strict_types=1);

namespace App\Table;

final readonly class DecisionsAnswer
{
    /** @param list<DecisionAnswer> $decisions */
    public function __construct(public array $decisions) {}
}
