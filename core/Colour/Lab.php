<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Colour;

/**
 * A colour in CIELAB, white D65.
 *
 * sRGB is made linear (IEC 61966-2-1), taken to XYZ by the matrix of that standard in
 * the digits of CSS Color 4 (W3C), and to Lab by CIE 15:2004 with its exact fractions.
 */
final readonly class Lab
{
    /** White of CSS Color 4: x = 0.3127, y = 0.3290. */
    private const WHITE_X = 0.3127 / 0.3290;
    private const WHITE_Z = (1 - 0.3127 - 0.3290) / 0.3290;
    private const EPSILON = 216 / 24389;
    private const KAPPA = 24389 / 27;

    /** Distance from grey; kept, since every comparison of two colours asks for both. */
    private float $chroma;

    /** @param float $lightness 0 to 100 */
    public function __construct(public float $lightness, public float $a, public float $b)
    {
        $this->chroma = hypot($a, $b);
    }

    public static function of(Srgb $colour): self
    {
        $rgb = LinearRgb::of($colour);
        [$r, $g, $b] = [$rgb->red, $rgb->green, $rgb->blue];
        $x = self::response((506752 / 1228815 * $r + 87881 / 245763 * $g + 12673 / 70218 * $b) / self::WHITE_X);
        $y = self::response(87098 / 409605 * $r + 175762 / 245763 * $g + 12673 / 175545 * $b);
        $z = self::response((7918 / 409605 * $r + 87881 / 737289 * $g + 1001167 / 1053270 * $b) / self::WHITE_Z);

        // A grey has no hue: without this the last digits of its three equal responses would make one up.
        return $colour->red === $colour->green && $colour->green === $colour->blue
            ? new self(116 * $y - 16, 0.0, 0.0)
            : new self(116 * $y - 16, 500 * ($x - $y), 200 * ($y - $z));
    }

    public function chroma(): float
    {
        return $this->chroma;
    }

    private static function response(float $ratio): float
    {
        return $ratio > self::EPSILON ? $ratio ** (1 / 3) : (self::KAPPA * $ratio + 16) / 116;
    }
}
