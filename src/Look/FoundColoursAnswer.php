<?php

declare(strict_types=1);

namespace App\Look;

use BrightCupboard\Core\Colour\ColourNames;
use BrightCupboard\Core\Colour\ColourShare;
use BrightCupboard\Core\Colour\PhotoGroundSeen;
use BrightCupboard\Core\Colour\PhotoReading;

/** Colours found in a photo or in pieces, most first; the ground is what a photo was taken against, where it was left out. */
final readonly class FoundColoursAnswer
{
    /**
     * @param list<FoundColourAnswer>  $colours
     * @param list<TextureCountAnswer> $textures of pieces, most first
     */
    private function __construct(public array $colours, public ?string $ground, public array $textures, public PhotoGroundSeen $seen) {}

    /** @param list<TextureCountAnswer> $textures */
    public static function of(PhotoReading $reading, ColourNames $names, array $textures = []): self
    {
        return new self(
            array_map(
                static fn(ColourShare $share): FoundColourAnswer => new FoundColourAnswer($share->colour->hex(), $names->of($share->colour), $share->percent),
                $reading->colours,
            ),
            $reading->ground?->hex(),
            $textures,
            $reading->seen,
        );
    }
}
