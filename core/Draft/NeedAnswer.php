<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Draft;

/** An owned piece that could fill a need, 0 to 100, and in what it misses. */
final readonly class NeedAnswer
{
    /** @param list<string> $misses empty when it meets the need */
    public function __construct(public Available $available, public int $score, public array $misses) {}
}
