<?php

declare(strict_types=1);

namespace App\Floor;

use BrightCupboard\Core\Floor\FloorPlace;
use BrightCupboard\Core\Floor\Furniture;
use BrightCupboard\Core\Floor\Rearrangement;

/** A room whose furniture a swap wants elsewhere: all that stands in it, and where what is planned is to stand. */
final readonly class PlannedFloor
{
    /**
     * @param array<string, array{Furniture, FloorPlace}> $now     by id
     * @param array<string, FloorPlace>                   $planned by id
     */
    public function __construct(public string $roomId, public string $room, private array $now, public array $planned) {}

    public function rearrangement(): Rearrangement
    {
        $then = [];
        foreach ($this->now as $id => [$furniture, $place]) {
            $then[$id] = [$furniture, $this->planned[$id] ?? $place];
        }

        return Rearrangement::of($this->now, $then);
    }
}
