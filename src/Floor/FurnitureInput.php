<?php

declare(strict_types=1);

namespace App\Floor;

use App\Http\Name;
use BrightCupboard\Core\Floor\FurnitureKind;

/** A piece of furniture; lengths as people write them, empty for the usual ones of its kind. */
final readonly class FurnitureInput
{
    public function __construct(
        #[Name]
        public string $name,
        public FurnitureKind $kind,
        public string $width,
        public string $depth,
        public ?int $version = null,
    ) {}
}
