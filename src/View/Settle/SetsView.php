<?php

declare(strict_types=1);

namespace App\View\Settle;

final readonly class SetsView
{
    /** @param list<SetStateView> $sets that are not whole */
    public function __construct(public array $sets) {}
}
