<?php

declare(strict_types=1);

namespace App\House;

use BrightCupboard\Core\Stock\PieceKind;

/** What a page needs to know of every piece of a kind. */
final readonly class KindAnswer
{
    private function __construct(public PieceKind $kind, public bool $canBeCut, public bool $isLaidOut) {}

    public static function of(PieceKind $kind): self
    {
        return new self($kind, $kind->facts()->canBeCut(), $kind->facts()->isLaidOut());
    }
}
