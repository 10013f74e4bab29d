<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Colour;

/**
 * Colours as people group them: every blue from sky to navy is blue. By hue, chroma and lightness in OKLCh; the borders are own
 * values, and a colour on a border belongs to both sides.
 */
enum ColourFamily: string
{
    case Red = 'red';
    case Pink = 'pink';
    case Orange = 'orange';
    case Brown = 'brown';
    case Yellow = 'yellow';
    case Green = 'green';
    case Teal = 'teal';
    case Blue = 'blue';
    case Purple = 'purple';
    case White = 'white';
    case Cream = 'cream';
    case Grey = 'grey';
    case Black = 'black';

    /** Hue from and to in degrees, chroma from and to, lightness from and to. */
    private const BORDERS = [
        'red' => [350, 42, 0.085, 0.4, 0.25, 0.72],
        'pink' => [330, 35, 0.025, 0.3, 0.66, 0.97],
        'orange' => [40, 80, 0.095, 0.4, 0.5, 0.92],
        'brown' => [25, 95, 0.025, 0.125, 0.22, 0.62],
        'yellow' => [78, 118, 0.075, 0.4, 0.62, 1.0],
        'green' => [112, 182, 0.02, 0.4, 0.15, 0.95],
        'teal' => [182, 225, 0.025, 0.4, 0.2, 0.9],
        'blue' => [200, 292, 0.025, 0.4, 0.15, 0.95],
        'purple' => [285, 345, 0.03, 0.4, 0.15, 0.9],
        'white' => [0, 360, 0.0, 0.03, 0.93, 1.001],
        'cream' => [55, 118, 0.008, 0.085, 0.74, 0.97],
        'grey' => [0, 360, 0.0, 0.025, 0.35, 0.92],
        'black' => [0, 360, 0.0, 0.05, 0.0, 0.33],
    ];
    private const ALSO = ['gray' => 'grey', 'violet' => 'purple', 'tan' => 'cream', 'beige' => 'cream', 'ivory' => 'cream', 'turquoise' => 'teal', 'off white' => 'cream'];

    /** The family a plain word stands for; null for shades such as sage or rust, which are one colour and what is near it. */
    public static function named(string $word): ?self
    {
        return self::tryFrom(self::ALSO[$word] ?? $word);
    }

    public function has(Srgb $colour): bool
    {
        [$from, $to, $least, $most, $dark, $light] = self::BORDERS[$this->value];
        $lch = Oklch::of($colour);
        $isHue = $from <= $to ? $lch->hue >= $from && $lch->hue <= $to : $lch->hue >= $from || $lch->hue <= $to;

        return $isHue && $lch->chroma >= $least && $lch->chroma <= $most && $lch->lightness >= $dark && $lch->lightness <= $light;
    }
}
