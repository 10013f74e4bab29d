<?php

declare(strict_types=1);

namespace App\Entity;

use BrightCupboard\Core\Colour\Srgb;
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Stock\PieceKind;

/** What a haul line will be once it is here: enough to draw it and to make a piece of it. */
final readonly class HaulThing
{
    public function __construct(public PieceKind $kind, public Length $width, public Length $height, public Srgb $colour) {}

    /** As deep as its kind usually is at that width. */
    public function depth(): Length
    {
        [$wide, $deep] = $this->kind->facts()->proportions;

        return Length::ofTenths(max(1, (int) round($this->width->tenths() * $deep / $wide)));
    }

    public static function ofStored(PieceKind $kind, int $width, int $height, string $colour): self
    {
        return new self($kind, Length::ofTenths($width), Length::ofTenths($height), Srgb::ofHex($colour));
    }
}
