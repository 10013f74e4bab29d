<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Colour;

/**
 * A colour in OKLab: lightness 0 to 1, a to red against green, b to yellow against blue; straight steps look even.
 *
 * B. Ottosson, "A perceptual color space for image processing" (2020), with the matrices in the digits of
 * CSS Color Module Level 4 (W3C), composed for linear sRGB.
 */
final readonly class Oklab
{
    public function __construct(public float $lightness, public float $a, public float $b) {}

    public static function of(Srgb $colour): self
    {
        $rgb = LinearRgb::of($colour);
        $l = (0.412221469470763 * $rgb->red + 0.5363325372617348 * $rgb->green + 0.0514459932675022 * $rgb->blue) ** (1 / 3);
        $m = (0.2119034958178252 * $rgb->red + 0.6806995506452344 * $rgb->green + 0.1073969535369406 * $rgb->blue) ** (1 / 3);
        $s = (0.0883024591900564 * $rgb->red + 0.2817188391361215 * $rgb->green + 0.6299787016738222 * $rgb->blue) ** (1 / 3);
        $isGrey = $colour->red === $colour->green && $colour->green === $colour->blue;

        // A grey has no hue: without this the last digits of its three equal responses would make one up.
        return new self(
            0.210454268309314 * $l + 0.7936177747023054 * $m - 0.0040720430116193 * $s,
            $isGrey ? 0.0 : 1.9779985324311684 * $l - 2.4285922420485799 * $m + 0.450593709617411 * $s,
            $isGrey ? 0.0 : 0.0259040424655478 * $l + 0.7827717124575296 * $m - 0.8086757549230774 * $s,
        );
    }

    /** May lie outside what a screen can show; see LinearRgb::isInGamut(). */
    public function linear(): LinearRgb
    {
        $l = ($this->lightness + 0.3963377773761749 * $this->a + 0.2158037573099136 * $this->b) ** 3;
        $m = ($this->lightness - 0.1055613458156586 * $this->a - 0.0638541728258133 * $this->b) ** 3;
        $s = ($this->lightness - 0.0894841775298119 * $this->a - 1.2914855480194092 * $this->b) ** 3;

        return new LinearRgb(
            4.0767416360759574 * $l - 3.3077115392580616 * $m + 0.2309699031821044 * $s,
            -1.2684379732850317 * $l + 2.6097573492876887 * $m - 0.3413193760026573 * $s,
            -0.0041960761386756 * $l - 0.7034186179359362 * $m + 1.7076146940746117 * $s,
        );
    }

    public function chroma(): float
    {
        return hypot($this->a, $this->b);
    }

    /** Degrees from 0 up to 360; 0 for a grey. */
    public function hue(): float
    {
        $degrees = 0.0 === $this->a && 0.0 === $this->b ? 0.0 : rad2deg(atan2($this->b, $this->a));

        return $degrees < 0 ? $degrees + 360 : $degrees;
    }

    /** Square of the straight distance; enough to compare by. */
    public function distanceSquared(self $other): float
    {
        return ($this->lightness - $other->lightness) ** 2 + ($this->a - $other->a) ** 2 + ($this->b - $other->b) ** 2;
    }
}
