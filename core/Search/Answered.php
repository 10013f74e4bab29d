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
    public function __construct(public array $found, public array $unknown) {}

    /** Units of all that was found. */
    public function units(): int
    {
        return array_sum(array_map(static fn(Found $one): int => $one->count, $this->found));
    }
}
