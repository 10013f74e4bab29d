<?php

declare(strict_types=1);

namespace App\Cupboard;

use BrightCupboard\Core\Stock\Material;
use BrightCupboard\Core\Stock\Part;
use BrightCupboard\Core\Stock\PieceKind;

/** A part of an arrangement, and the owned piece it is, if any; lengths in tenths of a millimetre. */
final readonly class PartAnswer
{
    private function __construct(
        public string $name,
        public PieceKind $kind,
        public int $count,
        public int $width,
        public int $depth,
        public int $height,
        public string $hex,
        public Material $material,
        public ?string $piece,
    ) {}

    public static function of(Part $part): self
    {
        return new self(
            $part->name,
            $part->kind,
            $part->count,
            $part->size->width->tenths(),
            $part->size->depth->tenths(),
            $part->size->height->tenths(),
            $part->colour->hex(),
            $part->material,
            $part->pieceId,
        );
    }
}
