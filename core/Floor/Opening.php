<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Floor;

use BrightCupboard\Core\Measure\Length;

/** A door, a window or an outlet: in which wall, how far from the left or the far end of it, and how wide. */
final readonly class Opening
{
    public function __construct(public OpeningKind $kind, public Wall $wall, public Length $from, public Length $width) {}

    /** @return array{int, int} its middle on the floor, from the left and the far wall */
    public function middle(FloorRoom $room): array
    {
        $along = $this->from->tenths() + intdiv($this->width->tenths(), 2);

        return match ($this->wall) {
            Wall::Far => [$along, 0],
            Wall::Near => [$along, $room->depth->tenths()],
            Wall::Left => [0, $along],
            Wall::Right => [$room->width->tenths(), $along],
        };
    }
}
