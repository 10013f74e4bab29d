<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Stock;

use BrightCupboard\Core\Colour\Srgb;
use BrightCupboard\Core\Measure\Size;

/**
 * One part of an arrangement, with enough known of it to become a piece of its own when the arrangement is taken
 * apart; one that is a piece already says which.
 */
final readonly class Part
{
    public function __construct(
        public string $name,
        public PieceKind $kind,
        public int $count,
        public Size $size,
        public Srgb $colour,
        public Material $material,
        public ?string $pieceId = null,
    ) {
        if ('' === trim($name)) {
            throw InvalidStock::unnamedPart();
        }
        if ($count < 1 || $count > Piece::MOST) {
            throw InvalidStock::count($count, Piece::MOST);
        }
        if (0 === $size->width->tenths() || 0 === $size->height->tenths()) {
            throw InvalidStock::flat($name);
        }
    }

    public function asPiece(string $pieceId): self
    {
        return new self($this->name, $this->kind, $this->count, $this->size, $this->colour, $this->material, $pieceId);
    }
}
