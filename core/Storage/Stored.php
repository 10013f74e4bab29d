<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Storage;

use BrightCupboard\Core\Stock\Piece;

/** Units of a piece lying in a tote. */
final readonly class Stored
{
    public function __construct(public Piece $piece, public int $units) {}
}
