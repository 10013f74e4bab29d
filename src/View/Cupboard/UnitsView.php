<?php

declare(strict_types=1);

namespace App\View\Cupboard;

/** Units of a piece at a place; the place is "tote:…", "spot:…" or a word such as "lent". */
final readonly class UnitsView
{
    public function __construct(public string $place, public int $count) {}
}
