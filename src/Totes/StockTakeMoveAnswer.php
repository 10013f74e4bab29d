<?php

declare(strict_types=1);

namespace App\Totes;

/** Units of a piece that are not where the books have them. */
final readonly class StockTakeMoveAnswer
{
    public function __construct(public string $piece, public string $name, public int $units, public string $from, public string $to) {}
}
