<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Look;

use BrightCupboard\Core\Colour\Srgb;
use BrightCupboard\Core\Stock\Finish;
use BrightCupboard\Core\Stock\Texture;

/** What a look leaves out this season: colours, finishes, textures, and single pieces by their id. */
final readonly class Resting
{
    /**
     * @param list<Srgb>    $colours
     * @param list<Finish>  $finishes
     * @param list<Texture> $textures
     * @param list<string>  $pieces
     */
    public function __construct(public array $colours = [], public array $finishes = [], public array $textures = [], public array $pieces = []) {}
}
