<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Cupboard\SetStateAnswer;

final readonly class LedgerAnswer
{
    /**
     * @param list<SeasonRowAnswer> $seasons newest first
     * @param list<IdleAnswer>      $idle    longest idle first
     * @param list<RegretAnswer>    $regrets dearest first
     * @param list<DoubleAnswer>    $doubles
     * @param list<SetStateAnswer>  $broken  sets with units missing
     * @param int                 $cost    of all that is owned, in minor units
     * @param int                 $replacement of all that is owned, in minor units
     * @param int                 $units       owned
     * @param int                 $unpriced    of them, without a price
     */
    public function __construct(
        public array $seasons,
        public array $idle,
        public array $regrets,
        public array $doubles,
        public array $broken,
        public int $cost,
        public int $replacement,
        public int $units,
        public int $unpriced,
    ) {}
}
