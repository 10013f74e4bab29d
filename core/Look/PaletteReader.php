<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Look;

use BrightCupboard\Core\Colour\Oklch;

/**
 * Measures the ribbons of a look in OKLCh, weighed by their shares: muted or bright, warm or cool, few or many hues.
 *
 * The lines between the words are this application's own (docs/rules.md, palette).
 */
final readonly class PaletteReader
{
    private const MUTED_BELOW = 0.06;
    private const BRIGHT_FROM = 0.11;
    private const MIXED_FROM = 0.05;
    /** The warmest hue, orange; the coolest lies opposite. */
    private const WARMEST_DEGREES = 60.0;
    /** A colour is warm, or cool, whose hue lies within 60° of the warmest or of the coolest; greens and violets lie between. */
    private const SIDE_FROM = 0.5;
    /** A side is heard from such a part of the colour on, and alone when the others have less. */
    private const HEARD_FROM = 0.2;
    private const FEW_HUES_BELOW = 25.0;
    private const MANY_HUES_FROM = 60.0;
    /** Below this a colour has no hue to speak of. */
    private const NEUTRAL_CHROMA = 0.02;

    public function read(Look $look): PaletteReading
    {
        $chroma = $square = $warmth = $weight = $x = $y = 0.0;
        $sides = ['warm' => 0.0, 'cool' => 0.0, 'green' => 0.0, 'violet' => 0.0];
        foreach ($look->ribbons as $ribbon) {
            $colour = Oklch::of($ribbon->colour);
            $share = $ribbon->percent / 100;
            $chroma += $share * $colour->chroma;
            $square += $share * $colour->chroma ** 2;
            if ($colour->chroma >= self::NEUTRAL_CHROMA) {
                $pull = $share * $colour->chroma;
                $warmth += $pull * cos(deg2rad($colour->hue - self::WARMEST_DEGREES));
                $sides[$this->side($colour->hue)] += $pull;
                $x += $pull * cos(deg2rad($colour->hue));
                $y += $pull * sin(deg2rad($colour->hue));
                $weight += $pull;
            }
        }
        $whole = $weight > 0.0 ? $weight : 1.0;
        $spread = sqrt(max(0.0, $square - $chroma ** 2));
        $warmth = $weight > 0.0 ? $warmth / $weight : 0.0;
        $hues = $weight > 0.0 ? $this->circularSpread(hypot($x, $y) / $weight) : 0.0;

        return new PaletteReading(
            $chroma,
            $spread,
            $warmth,
            $hues,
            [
                $this->strength($chroma, $spread),
                $this->temperature(
                    [
                        'warm' => $sides['warm'] / $whole,
                        'cool' => $sides['cool'] / $whole,
                        'green' => $sides['green'] / $whole,
                        'violet' => $sides['violet'] / $whole,
                    ],
                    $hues,
                ),
                $this->variety($hues, $weight),
            ],
        );
    }

    /** Standard deviation on a circle, in degrees: √(−2 ln R) for the mean resultant length R (K. V. Mardia, Statistics of Directional Data, 1972). */
    private function circularSpread(float $resultant): float
    {
        return $resultant >= 1.0 ? 0.0 : min(180.0, rad2deg(sqrt(-2 * log(max(1e-9, $resultant)))));
    }

    private function strength(float $chroma, float $spread): string
    {
        $word = match (true) {
            $chroma < self::MUTED_BELOW => 'muted',
            $chroma < self::BRIGHT_FROM => 'soft',
            default => 'bright',
        };

        return 'bright' !== $word && $spread >= self::MIXED_FROM ? $word . ' with a strong note' : $word;
    }

    /** @return 'warm'|'cool'|'green'|'violet' */
    private function side(float $hue): string
    {
        $cosine = cos(deg2rad($hue - self::WARMEST_DEGREES));

        return match (true) {
            $cosine >= self::SIDE_FROM => 'warm',
            $cosine <= -self::SIDE_FROM => 'cool',
            $hue > 90 && $hue < 270 => 'green',
            default => 'violet',
        };
    }

    /**
     * One range of hues is on one side; against each other stand two that are heard and lie apart.
     *
     * @param array{warm: float, cool: float, green: float, violet: float} $sides parts of the colour, together 1, or 0 where there is no hue
     */
    private function temperature(array $sides, float $hues): string
    {
        $heard = array_keys(array_filter($sides, static fn(float $part): bool => $part >= self::HEARD_FROM));
        $most = max($sides);
        $side = array_search($most, $sides, true);

        return match (true) {
            0.0 === $most => 'neither warm nor cool',
            1 === \count($heard) || $hues < self::FEW_HUES_BELOW => \in_array($side, ['warm', 'cool'], true) ? $side : 'between warm and cool',
            \in_array('warm', $heard, true) && \in_array('cool', $heard, true) => 'warm against cool',
            default => implode(' against ', \array_slice($heard, 0, 2)),
        };
    }

    private function variety(float $hues, float $weight): string
    {
        return match (true) {
            0.0 === $weight => 'no hue',
            $hues < self::FEW_HUES_BELOW => 'one range of hues',
            $hues < self::MANY_HUES_FROM => 'a few hues',
            default => 'many hues',
        };
    }
}
