<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Draft;

use BrightCupboard\Core\Colour\Srgb;
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Stock\PieceKind;
use BrightCupboard\Core\Stock\Texture;

/** What a need asks for; null where anything will do. */
final readonly class Wanted
{
    public function __construct(
        public ?PieceKind $kind,
        public ?Length $leastHeight,
        public ?Length $mostHeight,
        public ?Length $mostWidth,
        public ?Srgb $colour,
        public ?Texture $texture,
        public int $count,
    ) {}
}
