<?php

declare(strict_types=1);

namespace App\Cupboard;

/** How many pieces meet what was asked, and the best of them. */
final readonly class SearchAnswer
{
    /** @param list<FoundAnswer> $found */
    public function __construct(public int $all, public array $found) {}
}
