<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Plan;

use BrightCupboard\Core\Stock\Piece;
use BrightCupboard\Core\Stock\Place;

/** Units of a piece that the plan wants elsewhere; from and to may be the same place while it is worked out. */
final readonly class PlannedMove
{
    public function __construct(public Piece $piece, public int $count, public Place $from, public Place $to) {}
}
