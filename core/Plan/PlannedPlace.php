<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Plan;

use BrightCupboard\Core\Surface\Layer;

/** Where units of a piece are planned to stand. Lengths are tenths of a millimetre. */
final readonly class PlannedPlace
{
    /**
     * @param int $left    from the left end of the spot; may be outside it
     * @param int $raise   height of what it stands on
     * @param int $version how often it was changed, from 1
     */
    public function __construct(
        public string $id,
        public string $pieceId,
        public string $spotId,
        public int $count,
        public int $left,
        public Layer $layer,
        public int $raise,
        public int $version = 1,
    ) {}
}
