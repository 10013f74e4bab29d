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
    /** The angles of (15) and of the turn about blue, 275°, 25° and 60°, in radians. */
    private const COS_30 = 0.86602540378443864676;
    private const SIN_30 = 0.5;
    private const COS_6 = 0.99452189536827333692;
    private const SIN_6 = 0.10452846326765347140;
    private const COS_63 = 0.45399049973954679156;
    private const SIN_63 = 0.89100652418836786236;
    private const BLUE = 275 * \M_PI / 180;
    private const BLUE_WIDTH = 25 * \M_PI / 180;
    private const BLUE_TURN = \M_PI / 3;

    public function between(Lab $one, Lab $two): float
    {
        // (2)–(7): chroma with a stretched, and hue
        $meanC7 = self::seventhPower(($one->chroma() + $two->chroma()) / 2);
        $stretch = 1.5 - 0.5 * sqrt($meanC7 / ($meanC7 + self::SEVENTH_POWER_OF_25));
        $a1 = $stretch * $one->a;
        $a2 = $stretch * $two->a;
        $c1 = sqrt($a1 * $a1 + $one->b * $one->b);
        $c2 = sqrt($a2 * $a2 + $two->b * $two->b);
        $h1 = self::hue($a1, $one->b);
        $h2 = self::hue($a2, $two->b);

        // (8)–(11): differences; a grey has no hue
        $bothColoured = $c1 * $c2 > 0.0;
        $dh = !$bothColoured ? 0.0 : self::shortWayRound($h2 - $h1);
        $dL = $two->lightness - $one->lightness;
        $dC = $c2 - $c1;
        $dH = 2 * sqrt($c1 * $c2) * sin($dh / 2);

        // (12)–(14): means
        $meanL = ($one->lightness + $two->lightness) / 2;
        $meanC = ($c1 + $c2) / 2;
        $meanH = $bothColoured ? self::meanHue($h1, $h2) : $h1 + $h2;

        // (15)–(21): weights
        $meanC7 = self::seventhPower($meanC);
        $rc = 2 * sqrt($meanC7 / ($meanC7 + self::SEVENTH_POWER_OF_25));
        $fromGrey = ($meanL - 50) * ($meanL - 50);
        $sL = 1 + 0.015 * $fromGrey / sqrt(20 + $fromGrey);
        $sC = 1 + 0.045 * $meanC;
        $sH = 1 + 0.015 * $meanC * self::hueWeight($meanH);
        $fromBlue = ($meanH - self::BLUE) / self::BLUE_WIDTH;
        $rT = -sin(self::BLUE_TURN * exp(-$fromBlue * $fromBlue)) * $rc;

        // (22)
        $l = $dL / $sL;
        $c = $dC / $sC;
        $h = $dH / $sH;

        return sqrt(max(0.0, $l * $l + $c * $c + $h * $h + $rT * $c * $h));
    }

    /** (15): T = 1 − 0.17 cos(h − 30°) + 0.24 cos 2h + 0.32 cos(3h + 6°) − 0.20 cos(4h − 63°), by one cosine and one sine of the hue. */
    private static function hueWeight(float $hue): float
    {
        $cos = cos($hue);
        $sin = sin($hue);
        $cos2 = 2 * $cos * $cos - 1;
        $sin2 = 2 * $sin * $cos;

        return 1 - 0.17 * (self::COS_30 * $cos + self::SIN_30 * $sin)
            + 0.24 * $cos2
            + 0.32 * (self::COS_6 * ($cos2 * $cos - $sin2 * $sin) - self::SIN_6 * ($sin2 * $cos + $cos2 * $sin))
            - 0.20 * (self::COS_63 * (2 * $cos2 * $cos2 - 1) + self::SIN_63 * 2 * $sin2 * $cos2);
    }

    private static function seventhPower(float $x): float
    {
        $cube = $x * $x * $x;

        return $cube * $cube * $x;
    }

    /** In radians, 0 to 2π. */
    private static function hue(float $a, float $b): float
    {
        if (0.0 === $a && 0.0 === $b) {
            return 0.0;
        }
        $hue = atan2($b, $a);

        return $hue < 0 ? $hue + 2 * \M_PI : $hue;
    }

    private static function shortWayRound(float $hue): float
    {
        return match (true) {
            $hue > \M_PI => $hue - 2 * \M_PI,
            $hue < -\M_PI => $hue + 2 * \M_PI,
            default => $hue,
        };
    }

    private static function meanHue(float $h1, float $h2): float
    {
        $sum = $h1 + $h2;

        return match (true) {
            abs($h1 - $h2) <= \M_PI => $sum / 2,
            $sum < 2 * \M_PI => $sum / 2 + \M_PI,
            default => $sum / 2 - \M_PI,
        };
    }
}
