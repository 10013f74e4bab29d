<?php

declare(strict_types=1);

namespace App\View\Settle;

final readonly class LedgerView
{
    /**
     * @param list<SeasonRowView> $seasons newest first
     * @param list<IdleView>      $idle    longest idle first
     * @param list<RegretView>    $regrets dearest first
     * @param list<DoubleView>    $doubles
     * @param list<SetStateView>  $broken  sets with units missing
     * @param int                 $cost    of all that is owned, in minor units
     * @param int                 $replacement of all that is owned, in minor units
     */
    public function __construct(public array $seasons, public array $idle, public array $regrets, public array $doubles, public array $broken, public int $cost, public int $replacement) {}
}
