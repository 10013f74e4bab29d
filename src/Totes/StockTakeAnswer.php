<?php

declare(strict_types=1);

namespace App\Totes;

/** What a count of one tote found: units missing, units too many, and units nobody knew of. */
final readonly class StockTakeAnswer
{
    /**
     * @param list<StockTakeMoveAnswer> $missing
     * @param list<StockTakeMoveAnswer> $extra
     * @param list<string>            $unknown sentences
     */
    public function __construct(public array $missing, public array $extra, public array $unknown, public bool $isKept) {}
}
