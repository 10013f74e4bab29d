<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Colour;

/** The colours found in a photo with their shares, most first, and the ground that was left out, if any. */
final readonly class PhotoReading
{
    /** @param list<ColourShare> $colours shares summing to 100 % */
    public function __construct(public array $colours, public ?Srgb $ground, public PhotoGroundSeen $seen = PhotoGroundSeen::None) {}
}
