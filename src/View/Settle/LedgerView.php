<?php

declare(strict_types=1);

namespace App\View\Settle;

final readonly class LedgerView
{
    /**
     * @param list<SeasonRowView> $seasons newest first
     * @param list<IdleView>   $idle    longest idle first
     */
    public function __construct(public array $seasons, public array $idle) {}
}
