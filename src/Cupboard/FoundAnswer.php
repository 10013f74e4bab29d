<?php

declare(strict_types=1);

namespace App\Cupboard;

/** A piece that was found, and what it was found by beyond its name. */
final readonly class FoundAnswer
{
    /**
     * @param list<string> $why
     * @param list<string> $misses what it does not meet, where nothing meets all of it
     */
    public function __construct(public string $piece, public array $why, public array $misses) {}
}
