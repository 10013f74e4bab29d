<?php

declare(strict_types=1);

namespace App\Cupboard;

use BrightCupboard\Core\Stock\Material;
use BrightCupboard\Core\Stock\PieceKind;
use Symfony\Component\Validator\Constraints as Assert;

/** A part of an arrangement, and the owned piece it is, if any; lengths as people write them. */
final readonly class PartInput
{
    public function __construct(
        #[Assert\Length(max: 80)]
        public string $name,
        public PieceKind $kind,
        public int $count,
        public string $width,
        public string $depth,
        public string $height,
        public string $hex,
        public Material $material,
        public ?string $piece = null,
    ) {}
}
