<?php

declare(strict_types=1);

namespace App\View\Cupboard;

/** How many pieces meet what was asked, and the best of them. */
final readonly class SearchView
{
    /** @param list<FoundView> $found */
    public function __construct(public int $all, public array $found) {}
}
