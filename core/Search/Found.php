<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Search;

/** A piece that meets what is asked, with what it meets beyond its name, and what it does not where nothing meets all of it. */
final readonly class Found
{
    /**
     * @param list<string> $why
     * @param list<string> $misses
     */
    public function __construct(public string $id, public array $why, public array $misses = [], public int $count = 1) {}
}
