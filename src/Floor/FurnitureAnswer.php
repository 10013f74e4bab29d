<?php

declare(strict_types=1);

namespace App\Floor;

use App\Entity\Furniture;
use BrightCupboard\Core\Floor\FloorPlace;
use BrightCupboard\Core\Floor\FurnitureKind;

final readonly class FurnitureAnswer
{
    private function __construct(
        public string $id,
        public string $name,
        public FurnitureKind $kind,
        public int $width,
        public int $depth,
        public FloorPlaceAnswer $now,
        public FloorPlaceAnswer $planned,
        public int $version,
    ) {}

    public static function of(Furniture $furniture, FloorPlace $planned): self
    {
        $is = $furniture->furniture();

        return new self(
            $is->id,
            $is->name,
            $is->kind,
            $is->width->tenths(),
            $is->depth->tenths(),
            FloorPlaceAnswer::of($furniture->place()),
            FloorPlaceAnswer::of($planned),
            $furniture->version(),
        );
    }
}
