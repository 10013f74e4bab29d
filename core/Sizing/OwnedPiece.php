<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Sizing;

use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Stock\Piece;
use BrightCupboard\Core\Stock\PieceKind;

/** A piece with units that are free, how long one runs when it is laid out, and where it is, in words. */
final readonly class OwnedPiece
{
    public Length $run;
    /** What is kept rolled and was never unrolled with a tape: nobody knows how long it runs. */
    public bool $isUnmeasured;

    /** @param string $place key of the place its free units are at */
    public function __construct(public Piece $piece, public int $free, public string $where = '', public string $place = '')
    {
        $this->run = $piece->laidOut ?? $piece->size->width;
        $this->isUnmeasured = null === $piece->laidOut && PieceKind::Ribbon === $piece->kind;
    }
}
