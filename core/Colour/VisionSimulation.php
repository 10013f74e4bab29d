<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Colour;

/**
 * What a colour looks like to people who lack one kind of cone.
 *
 * Protan and deutan: F. Viénot, H. Brettel, J. D. Mollon, "Digital video colourmaps for checking the legibility
 * of displays by dichromats", Color Research and Application 24 (1999): linear RGB to LMS by their matrix, the
 * missing cone replaced by their equations (protan: L = 2.02344 M − 2.52581 S; deutan: M = 0.494207 L + 1.24827 S), and back.
 *
 * Tritan: H. Brettel, F. Viénot, J. D. Mollon, "Computerized simulation of color appearance for dichromats",
 * J. Opt. Soc. Am. A 14 (1997): two half planes that meet in the greys, hinged on lights of 485 and 660 nm; the two
 * matrices are composed for linear sRGB (digits from memory; the tests construct them anew from other published figures).
 */
final readonly class VisionSimulation
{
    private const LMS = [[17.8824, 43.5161, 4.11935], [3.45565, 27.1554, 3.86714], [0.0299566, 0.184309, 1.46709]];
    private const FROM_LMS = [
        [0.0809444479, -0.130504409, 0.116721066],
        [-0.0102485335, 0.0540193266, -0.113614708],
        [-0.000365296938, -0.00412161469, 0.693511405],
    ];
    private const TRITAN_NORMAL = [0.03901, -0.02788, -0.01113];
    private const TRITAN_ONE_SIDE = [[1.01277, 0.13548, -0.14826], [-0.01243, 0.86812, 0.14431], [0.07589, 0.80500, 0.11911]];
    private const TRITAN_OTHER_SIDE = [[0.93678, 0.18979, -0.12657], [0.06154, 0.81526, 0.12320], [-0.37562, 1.12767, 0.24796]];

    public function seen(Srgb $colour, ColourVision $vision): Srgb
    {
        $rgb = LinearRgb::of($colour);
        $light = [$rgb->red, $rgb->green, $rgb->blue];
        [$red, $green, $blue] = ColourVision::Tritan === $vision ? $this->tritan($light) : $this->redGreen($light, $vision);

        return (new LinearRgb($red, $green, $blue))->srgb();
    }

    /**
     * @param array{float, float, float} $light
     *
     * @return array{float, float, float}
     */
    private function redGreen(array $light, ColourVision $vision): array
    {
        [$l, $m, $s] = self::times(self::LMS, $light);
        if (ColourVision::Protan === $vision) {
            $l = 2.02344 * $m - 2.52581 * $s;
        } else {
            $m = 0.494207 * $l + 1.24827 * $s;
        }

        return self::times(self::FROM_LMS, [$l, $m, $s]);
    }

    /**
     * @param array{float, float, float} $light
     *
     * @return array{float, float, float}
     */
    private function tritan(array $light): array
    {
        $side = self::TRITAN_NORMAL[0] * $light[0] + self::TRITAN_NORMAL[1] * $light[1] + self::TRITAN_NORMAL[2] * $light[2];

        return self::times($side >= 0 ? self::TRITAN_ONE_SIDE : self::TRITAN_OTHER_SIDE, $light);
    }

    /**
     * @param array{array{float, float, float}, array{float, float, float}, array{float, float, float}} $matrix
     * @param array{float, float, float}                                                                $v
     *
     * @return array{float, float, float}
     */
    private static function times(array $matrix, array $v): array
    {
        [[$a, $b, $c], [$d, $e, $f], [$g, $h, $i]] = $matrix;

        return [$a * $v[0] + $b * $v[1] + $c * $v[2], $d * $v[0] + $e * $v[1] + $f * $v[2], $g * $v[0] + $h * $v[1] + $i * $v[2]];
    }
}
