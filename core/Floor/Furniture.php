<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Floor;

use BrightCupboard\Core\Measure\Length;

/** A piece of furniture or a rug: how wide it is seen from its front, and how deep. */
final readonly class Furniture
{
    private const LEAST = 2 * Length::TENTHS_PER_INCH;
    private const MOST = 240 * Length::TENTHS_PER_INCH;

    /** @throws InvalidFloor when a side is under 2 in or over 20 ft */
    public function __construct(public string $id, public string $name, public FurnitureKind $kind, public Length $width, public Length $depth)
    {
        foreach (['width' => $width, 'depth' => $depth] as $side => $length) {
            if ($length->tenths() < self::LEAST || $length->tenths() > self::MOST) {
                throw InvalidFloor::side($side);
            }
        }
    }
}
