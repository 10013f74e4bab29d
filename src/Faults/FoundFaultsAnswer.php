<?php

declare(strict_types=1);

namespace App\Faults;

final readonly class FoundFaultsAnswer
{
    /** @param list<FoundFaultAnswer> $faults the oldest first */
    public function __construct(public array $faults) {}
}
