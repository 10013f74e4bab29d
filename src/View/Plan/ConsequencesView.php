<?php

declare(strict_types=1);

namespace App\View\Plan;

final readonly class ConsequencesView
{
    /** @param list<ConsequenceView> $choices */
    public function __construct(public array $choices) {}
}
