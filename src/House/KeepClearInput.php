<?php

declare(strict_types=1);

namespace App\House;

use App\Http\Name;

/** A stretch to keep clear; lengths as people write them. */
final readonly class KeepClearInput
{
    public function __construct(
        public string $from,
        public string $to,
        #[Name]
        public string $reason,
    ) {}
}
