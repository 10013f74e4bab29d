<?php

declare(strict_types=1);

namespace App\Repository;

use BrightCupboard\Core\Plan\History;

/** What the closed swaps of a home know. */
final readonly class Past
{
    /** @param array<string, History> $histories by piece id; a piece that never stood is missing */
    public function __construct(public array $histories, public int $closedSwaps) {}
}
