<?php

declare(strict_types=1);

namespace App\Ledger;

final readonly class SeasonRowAnswer
{
    public function __construct(
        public string $swap,
        public string $name,
        public string $swapDay,
        public bool $isClosed,
        public ?int $budget,
        public int $spent,
        public int $reusedUnits,
        public int $newUnits,
        public int $reusedValue,
        public int $newValue,
        public int $reusedUnpriced,
    ) {}
}
