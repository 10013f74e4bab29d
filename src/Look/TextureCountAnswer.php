<?php

declare(strict_types=1);

namespace App\Look;

use BrightCupboard\Core\Stock\Texture;

/** How many pieces show a texture. */
final readonly class TextureCountAnswer
{
    public function __construct(public Texture $texture, public int $pieces) {}
}
