<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Surface;

use BrightCupboard\Core\Stock\Posture;

/** The place and posture of units on a spot. Lengths are tenths of a millimetre. */
final readonly class Stance
{
    /**
     * @param int          $left    from the left end of the spot to the left edge; may be outside it
     * @param int          $raise   what it stands on; on a panel its lower edge over that of the panel
     * @param int          $tier    board of tiers from the lowest, band of a tree from the foot, both from 0
     * @param Posture|null $posture null for the habit of its kind on such a spot
     */
    public function __construct(
        public int $left,
        public Layer $layer = Layer::Middle,
        public int $raise = 0,
        public int $tier = 0,
        public ?Posture $posture = null,
    ) {}
}
