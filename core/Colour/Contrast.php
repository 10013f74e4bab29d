<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Colour;

/** Contrast ratio of two colours, 1 to 21 (WCAG 2.2, "contrast ratio" and "relative luminance"). */
final readonly class Contrast
{
    private const FLARE = 0.05;

    public static function between(Srgb $one, Srgb $two): float
    {
        $lights = [self::luminance($one), self::luminance($two)];

        return (max($lights) + self::FLARE) / (min($lights) + self::FLARE);
    }

    /** Whether black reads better on a colour than white: the larger contrast decides. */
    public static function darkReadsBetterOn(Srgb $ground): bool
    {
        return self::between($ground, Srgb::ofHex('#000000')) > self::between($ground, Srgb::ofHex('#FFFFFF'));
    }

    private static function luminance(Srgb $colour): float
    {
        $rgb = LinearRgb::of($colour);

        return 0.2126 * $rgb->red + 0.7152 * $rgb->green + 0.0722 * $rgb->blue;
    }
}
