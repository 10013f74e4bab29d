<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Colour;

/**
 * sRGB with its transfer curve taken off (IEC 61966-2-1): proportional to light, 0 to 1 inside the gamut.
 */
final readonly class LinearRgb
{
    /** Beyond the gamut by less than this is rounding, not a colour no screen can show. */
    private const TOLERANCE = 1e-6;

    public function __construct(public float $red, public float $green, public float $blue) {}

    public static function of(Srgb $colour): self
    {
        return new self(self::straightened($colour->red), self::straightened($colour->green), self::straightened($colour->blue));
    }

    public function isInGamut(): bool
    {
        foreach ([$this->red, $this->green, $this->blue] as $channel) {
            if ($channel < -self::TOLERANCE || $channel > 1 + self::TOLERANCE) {
                return false;
            }
        }

        return true;
    }

    /** Clips to the gamut and rounds each channel to 8 bits, half up. */
    public function srgb(): Srgb
    {
        return Srgb::ofChannels(self::curved($this->red), self::curved($this->green), self::curved($this->blue));
    }

    private static function straightened(int $channel): float
    {
        $value = $channel / 255;

        return $value <= 0.04045 ? $value / 12.92 : (($value + 0.055) / 1.055) ** 2.4;
    }

    private static function curved(float $light): int
    {
        $light = max(0.0, min(1.0, $light));

        return (int) round(255 * ($light <= 0.0031308 ? 12.92 * $light : 1.055 * $light ** (1 / 2.4) - 0.055));
    }
}
