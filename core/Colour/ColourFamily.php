<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Colour;

/**
 * Colours as people group them: every blue from sky to navy is blue. By hue, chroma and lightness in OKLCh; the borders are own
 * values, drawn to hold what an open list of named colours (color-name-list, MIT) calls so, and a colour on a border belongs to both sides.
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
    case Neutral = 'neutral';
    case Pastel = 'pastel';
    case Warm = 'warm';
    case Cool = 'cool';
    case Light = 'light';
    case Dark = 'dark';
    case Vivid = 'vivid';

    /** Hue from and to in degrees, chroma from and to, lightness from and to. */
    private const BORDERS = [
        'red' => [350, 41, 0.075, 0.4, 0.25, 0.74],
        'pink' => [328, 38, 0.02, 0.3, 0.6, 0.97],
        'orange' => [34, 80, 0.08, 0.4, 0.52, 0.92],
        'brown' => [20, 96, 0.02, 0.13, 0.2, 0.63],
        'yellow' => [70, 116, 0.06, 0.4, 0.62, 1.0],
        'green' => [102, 186, 0.02, 0.4, 0.15, 0.95],
        'teal' => [176, 228, 0.025, 0.4, 0.2, 0.9],
        'blue' => [196, 288, 0.02, 0.4, 0.15, 0.95],
        'purple' => [282, 352, 0.025, 0.4, 0.15, 0.9],
        'white' => [0, 360, 0.0, 0.042, 0.9, 1.001],
        'cream' => [45, 122, 0.008, 0.1, 0.72, 0.98],
        'grey' => [0, 360, 0.0, 0.029, 0.35, 0.92],
        'black' => [0, 360, 0.0, 0.06, 0.0, 0.37],
        'neutral' => [0, 360, 0.0, 0.045, 0.0, 1.001],
        'pastel' => [0, 360, 0.025, 0.12, 0.78, 0.97],
        'warm' => [10, 112, 0.045, 0.4, 0.2, 1.001],
        'cool' => [145, 300, 0.02, 0.4, 0.12, 0.97],
        'light' => [0, 360, 0.0, 0.4, 0.8, 1.001],
        'dark' => [0, 360, 0.0, 0.4, 0.0, 0.4],
        'vivid' => [0, 360, 0.15, 0.4, 0.3, 1.0],
    ];
    private const ALSO = [
        'pale' => 'light', 'gray' => 'grey', 'violet' => 'purple', 'tan' => 'cream', 'beige' => 'cream', 'ivory' => 'cream',
        'turquoise' => 'teal', 'off white' => 'cream', 'off-white' => 'cream', 'neutrals' => 'neutral', 'pastels' => 'pastel',
        'bright' => 'vivid', 'colourful' => 'vivid', 'colorful' => 'vivid',
    ];
    /** Words before a family, and how light it is then: at least, or at most. */
    private const SHADES = [
        'light' => [0.7, 1.01], 'pale' => [0.74, 1.01], 'soft' => [0.6, 1.01], 'pastel' => [0.78, 1.01], 'dark' => [0.0, 0.5],
        'deep' => [0.0, 0.5],
    ];

    /** The family a plain word stands for; null for shades such as sage or rust, which are one colour and what is near it. */
    public static function named(string $word): ?self
    {
        $family = self::tryFrom(self::ALSO[$word] ?? $word);

        return self::Light === $family && 'light' === $word ? null : $family; // a light is a lamp, too: “pale” is what it looks like
    }

    /**
     * A family with a word for how light it is, such as "dark green".
     *
     * @return array{self, float, float}|null the family, and from and to which lightness
     */
    public static function shaded(string $words): ?array
    {
        [$shade, $word] = [...explode(' ', $words, 2), ''];
        $family = self::named($word);

        return null === $family || !isset(self::SHADES[$shade]) ? null : [$family, ...self::SHADES[$shade]];
    }

    public function has(Srgb $colour, float $lower = 0.0, float $upper = 1.01): bool
    {
        [$from, $to, $least, $most, $dark, $light] = self::BORDERS[$this->value];
        $lch = Oklch::of($colour);
        $isHue = $from <= $to ? $lch->hue >= $from && $lch->hue <= $to : $lch->hue >= $from || $lch->hue <= $to;

        return $isHue && $lch->chroma >= $least && $lch->chroma <= $most && $lch->lightness >= max($dark, $lower) && $lch->lightness <= min($light, $upper);
    }
}
