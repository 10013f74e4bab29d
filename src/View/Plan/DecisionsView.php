<?php

declare(strict_types=1);

namespace App\View\Plan;

final readonly class DecisionsView
{
    /** @param list<DecisionView> $decisions */
    public function __construct(public array $decisions) {}
}
