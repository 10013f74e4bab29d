<?php

declare(strict_types=1);

namespace App\Cupboard;

/** So many units of an owned piece, as a part of one arrangement. */
final readonly class PartUnitsInput
{
    public function __construct(public string $piece, public int $units) {}
}
