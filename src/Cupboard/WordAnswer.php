<?php

declare(strict_types=1);

namespace App\Cupboard;

/** A word of the home, and what it means there. */
final readonly class WordAnswer
{
    public function __construct(public string $word, public string $means) {}
}
