<?php

declare(strict_types=1);

namespace App\Cupboard;

/** A piece that was found, and what it was found by beyond its name. */
final readonly class FoundAnswer
{
    /** @param list<string> $why */
    public function __construct(public string $piece, public array $why) {}
}
