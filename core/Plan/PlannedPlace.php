<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Plan;

use BrightCupboard\Core\Stock\Posture;
use BrightCupboard\Core\Surface\Layer;
use BrightCupboard\Core\Surface\Stance;

/** Where units of a piece are planned to stand. Lengths are tenths of a millimetre. */
final readonly class PlannedPlace
{
    /**
     * @param int $left    from the left end of the spot; may be outside it
     * @param int $raise   height of what it stands on
     * @param int $version how often it was changed, from 1
     * @param int $tier    board or band, the lowest is 0
     * @param Posture|null $posture null for the habit of its kind on such a spot
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
        public int $tier = 0,
        public ?Posture $posture = null,
    ) {}

    public static function at(string $id, string $pieceId, string $spotId, int $count, Stance $stance, int $version = 1): self
    {
        return new self($id, $pieceId, $spotId, $count, $stance->left, $stance->layer, $stance->raise, $version, $stance->tier, $stance->posture);
    }

    public function stance(): Stance
    {
        return new Stance($this->left, $this->layer, $this->raise, $this->tier, $this->posture);
    }
}
