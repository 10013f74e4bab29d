<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Storage;

/**
 * Where one unit lies in a drawing of a tote, seen from the front: tenths of a millimetre from the left of the
 * inside, from its bottom, and behind its front.
 */
final readonly class Lying
{
    /**
     * @param bool $isOnSide whether it is laid on its side, so that its height goes across
     * @param bool $isOver   whether it stands over the rim
     */
    public function __construct(
        public string $pieceId,
        public int $left,
        public int $bottom,
        public int $behind,
        public int $width,
        public int $depth,
        public int $height,
        public bool $isOnSide,
        public bool $isOver,
    ) {}
}
