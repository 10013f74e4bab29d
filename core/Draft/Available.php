<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Draft;

use BrightCupboard\Core\Stock\Piece;

/** A piece with units not yet placed in this swap, and where the nearest of them is, in words. */
final readonly class Available
{
    public function __construct(public Piece $piece, public int $free, public string $where, public int $wornSeasons = 0) {}
}
