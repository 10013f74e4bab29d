<?php

declare(strict_types=1);

namespace App\Ledger;

/** Two pieces that may be the same thing bought twice. */
final readonly class DoubleAnswer
{
    public function __construct(public string $one, public string $two, public string $reason) {}
}
