<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Colour\Internal;

use BrightCupboard\Core\Colour\Oklab;

/**
 * Pixels of nearly one colour, taken together: their mean and how many they are.
 *
 * @internal
 */
final readonly class ColourBucket
{
    public function __construct(public Oklab $mean, public int $pixels) {}
}
