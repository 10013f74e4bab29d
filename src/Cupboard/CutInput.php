<?php

declare(strict_types=1);

namespace App\Cupboard;

/** How long a piece of a length is to be, as people write it, where the unit is that is cut, and whether what is cut off is used up at once. */
final readonly class CutInput
{
    public function __construct(public string $length, public string $place, public bool $isUsedUp = false) {}
}
