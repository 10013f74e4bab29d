<?php

declare(strict_types=1);

namespace App\Settle;

use App\Ledger\UsedPieceAnswer;
use BrightCupboard\Core\Money\Money;

/** How a season came out. Money in minor units. */
final readonly class SettleAnswer
{
    /**
     * @param list<NoteAnswer>      $notes
     * @param list<UsedPieceAnswer> $used
     */
    public function __construct(
        public bool $isClosed,
        public int $openTasks,
        public ?int $budget,
        public int $spent,
        public int $reusedUnits,
        public int $newUnits,
        public int $reusedValue,
        public int $newValue,
        public int $reusedUnpriced,
        public int $newUnpriced,
        public ?float $reuseShare,
        public array $used,
        public array $notes,
    ) {}
}
