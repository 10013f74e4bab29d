<?php

declare(strict_types=1);

namespace App\Table;

final readonly class ConsequencesAnswer
{
    /** @param list<ConsequenceAnswer> $choices */
    public function __construct(public array $choices) {}
}
