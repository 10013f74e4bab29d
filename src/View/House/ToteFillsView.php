<?php

declare(strict_types=1);

namespace App\View\House;

final readonly class ToteFillsView
{
    /** @param list<ToteFillView> $totes by code */
    public function __construct(public array $totes) {}
}
