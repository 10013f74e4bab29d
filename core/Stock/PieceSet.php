<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Stock;

/** A set that belongs together, by its name, and how many units make it whole. */
final readonly class PieceSet
{
    public function __construct(public string $name, public int $of)
    {
        if ('' === trim($name)) {
            throw InvalidStock::unnamedSet();
        }
        if ($of < 2 || $of > Piece::MOST) {
            throw InvalidStock::setOf($of, Piece::MOST);
        }
    }
}
