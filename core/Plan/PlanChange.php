<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Plan;

/** What an act on a plan changes, to be stored as it is; Plan::with() gives the plan after it. */
final readonly class PlanChange
{
    /**
     * @param array<string, Choice|null> $choices  by piece id; null takes a decision back
     * @param list<PlannedPlace>         $stood    places that are new
     * @param list<PlannedPlace>         $moved    places as they are now, each a version further
     * @param list<PlannedPlace>         $takenOff places that go
     */
    public function __construct(public array $choices = [], public array $stood = [], public array $moved = [], public array $takenOff = []) {}

    public function and(self $other): self
    {
        return new self(
            [...$this->choices, ...$other->choices],
            [...$this->stood, ...$other->stood],
            [...$this->moved, ...$other->moved],
            [...$this->takenOff, ...$other->takenOff],
        );
    }
}
