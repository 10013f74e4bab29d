<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Stock;

/** So many units of an owned piece, as a part of one arrangement. */
final readonly class PartUnits
{
    public function __construct(public Piece $piece, public int $units) {}
}
