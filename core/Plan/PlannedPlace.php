<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Plan;

use BrightCupboard\Core\Surface\Stance;

/** Where and how units of a piece are planned to stand. */
final readonly class PlannedPlace
{
    /** @param int $version how often it was changed, from 1 */
    public function __construct(
        public string $id,
        public string $pieceId,
        public string $spotId,
        public int $count,
        public Stance $stance,
        public int $version = 1,
    ) {}
}
