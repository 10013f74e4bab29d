<?php

declare(strict_types=1);

namespace App\Rooms;

use BrightCupboard\Core\Surface\Layer;
use Symfony\Component\Validator\Constraints as Assert;

/** Where units of a piece stand on a spot; left edge and raise in whole tenths of a millimetre. A left edge of null lets the core find the place. */
final readonly class PlacementInput
{
    public function __construct(
        public string $piece,
        public string $spot,
        #[Assert\Range(min: 1, max: 99, notInRangeMessage: 'Between {{ min }} and {{ max }} can stand together, got {{ value }}.')]
        public int $count,
        #[Assert\Range(min: -20000, max: 200000, notInRangeMessage: 'That is too far off the ledge.')]
        public ?int $left,
        public ?Layer $layer,
        #[Assert\Range(min: 0, max: 20000, notInRangeMessage: 'A riser is at most 2 m high.')]
        public int $raise,
        public ?int $version = null,
    ) {}
}
