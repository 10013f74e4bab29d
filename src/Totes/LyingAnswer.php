<?php

declare(strict_types=1);

namespace App\Totes;

use BrightCupboard\Core\Storage\Lying;

/** One unit in the picture of a tote, in tenths of a millimetre from the left of its inside, from its bottom and behind its front. */
final readonly class LyingAnswer
{
    private function __construct(
        public string $piece,
        public int $left,
        public int $bottom,
        public int $behind,
        public int $width,
        public int $height,
        public bool $isOnSide,
        public bool $isOver,
    ) {}

    public static function of(Lying $lying): self
    {
        return new self($lying->pieceId, $lying->left, $lying->bottom, $lying->behind, $lying->width, $lying->height, $lying->isOnSide, $lying->isOver);
    }
}
