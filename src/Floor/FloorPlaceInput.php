<?php

declare(strict_types=1);

namespace App\Floor;

use Symfony\Component\Validator\Constraints as Assert;

/** Where furniture stands, in whole tenths of a millimetre from the left and the far wall, and by how many quarters it is turned. */
final readonly class FloorPlaceInput
{
    public function __construct(
        #[Assert\Range(min: 0, max: 400000, notInRangeMessage: 'That is outside the room.')]
        public int $left,
        #[Assert\Range(min: 0, max: 400000, notInRangeMessage: 'That is outside the room.')]
        public int $far,
        #[Assert\Range(min: 0, max: 3)]
        public int $turns,
    ) {}
}
