<?php

declare(strict_types=1);

namespace App\Cupboard;

/** How many pieces meet what was asked, and the best of them; and what else goes by those words. */
final readonly class SearchAnswer
{
    /**
     * @param int                   $all       pieces that meet all of it
     * @param string                $sentence  the answer in words; empty when nothing is found
     * @param list<FoundAnswer>     $found     the pieces, best first; those with misses below them
     * @param list<string>          $unknown   words that nothing is known by; the rest was answered without them
     * @param list<WordAnswer>      $words     words of the home that were asked with
     * @param list<ElsewhereAnswer> $elsewhere totes, spots, looks, notes, lines of the haul, swaps
     */
    public function __construct(
        public int $all,
        public string $sentence,
        public array $found,
        public array $unknown,
        public array $words,
        public array $elsewhere,
    ) {}
}
