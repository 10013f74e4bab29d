<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Colour;

/**
 * The CIEDE2000 colour difference, kL = kC = kH = 1.
 *
 * G. Sharma, W. Wu, E. N. Dalal, "The CIEDE2000 Color-Difference Formula: Implementation Notes,
 * Supplementary Test Data, and Mathematical Observations", Color Research and Application 30 (2005);
 * symbols and equation numbers are theirs.
 */
final readonly class Ciede2000
{
    private const SEVENTH_POWER_OF_25 = 6103515625.0;

    public function between(Lab $one, Lab $two): float
    {
        // (2)–(7): chroma with a stretched, and hue
        $meanC7 = (($one->chroma() + $two->chroma()) / 2) ** 7;
        $g = 0.5 * (1 - sqrt($meanC7 / ($meanC7 + self::SEVENTH_POWER_OF_25)));
        $a1 = (1 + $g) * $one->a;
        $a2 = (1 + $g) * $two->a;
        $c1 = hypot($a1, $one->b);
        $c2 = hypot($a2, $two->b);
        $h1 = self::hue($a1, $one->b);
        $h2 = self::hue($a2, $two->b);

        // (8)–(11): differences; a grey has no hue
        $bothColoured = $c1 * $c2 > 0.0;
        $dh = !$bothColoured ? 0.0 : self::shortWayRound($h2 - $h1);
        $dL = $two->lightness - $one->lightness;
        $dC = $c2 - $c1;
        $dH = 2 * sqrt($c1 * $c2) * sin(deg2rad($dh / 2));

        // (12)–(14): means
        $meanL = ($one->lightness + $two->lightness) / 2;
        $meanC = ($c1 + $c2) / 2;
        $meanH = $bothColoured ? self::meanHue($h1, $h2) : $h1 + $h2;

        // (15)–(21): weights
        $t = 1 - 0.17 * cos(deg2rad($meanH - 30)) + 0.24 * cos(deg2rad(2 * $meanH))
            + 0.32 * cos(deg2rad(3 * $meanH + 6)) - 0.20 * cos(deg2rad(4 * $meanH - 63));
        $rc = 2 * sqrt($meanC ** 7 / ($meanC ** 7 + self::SEVENTH_POWER_OF_25));
        $fromGrey = ($meanL - 50) ** 2;
        $sL = 1 + 0.015 * $fromGrey / sqrt(20 + $fromGrey);
        $sC = 1 + 0.045 * $meanC;
        $sH = 1 + 0.015 * $meanC * $t;
        $rT = -sin(deg2rad(60 * exp(-((($meanH - 275) / 25) ** 2)))) * $rc;

        // (22)
        return sqrt(max(0.0, ($dL / $sL) ** 2 + ($dC / $sC) ** 2 + ($dH / $sH) ** 2 + $rT * ($dC / $sC) * ($dH / $sH)));
    }

    private static function hue(float $a, float $b): float
    {
        if (0.0 === $a && 0.0 === $b) {
            return 0.0;
        }
        $degrees = rad2deg(atan2($b, $a));

        return $degrees < 0 ? $degrees + 360 : $degrees;
    }

    private static function shortWayRound(float $degrees): float
    {
        return match (true) {
            $degrees > 180 => $degrees - 360,
            $degrees < -180 => $degrees + 360,
            default => $degrees,
        };
    }

    private static function meanHue(float $h1, float $h2): float
    {
        $sum = $h1 + $h2;

        return match (true) {
            abs($h1 - $h2) <= 180 => $sum / 2,
            $sum < 360 => ($sum + 360) / 2,
            default => ($sum - 360) / 2,
        };
    }
}
