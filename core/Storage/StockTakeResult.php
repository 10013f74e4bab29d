<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Storage;

use BrightCupboard\Core\Stock\Move;

/** What a stock-take of one tote found. */
final readonly class StockTakeResult
{
    /**
     * @param list<Move>         $missing to the lost
     * @param list<Move>         $extra   from where the books had them
     * @param array<string, int> $unknown piece id => units more than are owned
     */
    public function __construct(public array $missing, public array $extra, public array $unknown) {}
}
