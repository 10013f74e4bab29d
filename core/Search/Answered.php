<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Search;

/** The answer to a question about the stock. */
final readonly class Answered
{
    /**
     * @param list<Found>  $found   best first
     * @param list<string> $unknown words that nothing is known by: the rest was answered without them
     */
    public function __construct(public array $found, public array $unknown, public Totals $totals = new Totals()) {}
}
