<?php

declare(strict_types=1);

namespace App\Cupboard;

/** So many units of a piece, and in words where they are taken from. */
final readonly class SourceAnswer
{
    public function __construct(public string $name, public int $units, public string $from) {}
}
