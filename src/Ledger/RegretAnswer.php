<?php

declare(strict_types=1);

namespace App\Ledger;

/** Bought dear and hardly used; costs in minor units. */
final readonly class RegretAnswer
{
    public function __construct(public string $piece, public int $costEach, public int $worn, public int $chances) {}
}
