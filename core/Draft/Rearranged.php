<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Draft;

use BrightCupboard\Core\Coach\Dressing;
use BrightCupboard\Core\Stock\Piece;

/** A spot dressed anew, and what found no place on it. */
final readonly class Rearranged
{
    /** @param list<Piece> $leftOut */
    public function __construct(public Dressing $dressing, public array $leftOut) {}
}
