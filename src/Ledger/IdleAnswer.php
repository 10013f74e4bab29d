<?php

declare(strict_types=1);

namespace App\Ledger;

/** A piece that has not stood anywhere for some closed swaps; null when it never did. */
final readonly class IdleAnswer
{
    public function __construct(public string $piece, public ?int $idle, public int $cost) {}
}
