<?php

declare(strict_types=1);

namespace App\Cupboard;

/** How many pieces meet what was asked, and the best of them. */
final readonly class SearchAnswer
{
    /**
     * @param int               $units   of all that was found
     * @param list<FoundAnswer> $found
     * @param list<string>      $unknown words that nothing is known by; the rest was answered without them
     */
    public function __construct(public int $all, public int $units, public array $found, public array $unknown) {}
}
