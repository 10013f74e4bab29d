<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Colour;

use BrightCupboard\Core\Colour\ColourVision;
use BrightCupboard\Core\Colour\LinearRgb;
use BrightCupboard\Core\Colour\Srgb;
use BrightCupboard\Core\Colour\VisionSimulation;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * The tritan matrices made anew the way Brettel, Viénot and Mollon (J. Opt. Soc. Am. A 14, 1997) construct them, from
 * other published figures than those in the code: the display's cones of Viénot, Brettel and Mollon (1999), the cone
 * fundamentals of Smith and Pokorny (Vision Research 15, 1975) and the CIE 1931 observer (CIE 15) at 485 and 660 nm.
 */
final class TritanConstructionTest extends TestCase
{
    /** Linear RGB of the display to cones; Viénot, Brettel and Mollon (1999). */
    private const CONES = [[17.8824, 43.5161, 4.11935], [3.45565, 27.1554, 3.86714], [0.0299566, 0.184309, 1.46709]];
    /** XYZ to cones; Smith and Pokorny (1975). */
    private const FUNDAMENTALS = [[0.15514, 0.54312, -0.03286], [-0.15514, 0.45684, 0.03286], [0.0, 0.0, 0.00801]];
    private const WHITE_D65 = [0.9505, 1.0, 1.089];
    /** CIE 1931 x̄, ȳ, z̄ of the two lights that people without blue cones see as others do. */
    private const BLUE_485 = [0.05795, 0.1693, 0.6162];
    private const RED_660 = [0.1649, 0.061, 0.0];

    public function testTheMatricesFollowFromTheMethod(): void
    {
        $white = self::times(self::CONES, [1.0, 1.0, 1.0]);
        $random = new Randomizer(new Mt19937(11));
        $sides = [0, 0];
        for ($i = 0; $i < 500; ++$i) {
            $colour = Srgb::ofNumber($random->getInt(0, 0xFFFFFF));
            $light = LinearRgb::of($colour);
            $cones = self::times(self::CONES, [$light->red, $light->green, $light->blue]);
            $isRedder = $cones[1] / max(1e-9, $cones[0]) < $white[1] / $white[0];
            $expected = self::without($cones, $white, self::cones($isRedder ? self::RED_660 : self::BLUE_485, $white));
            $seen = LinearRgb::of((new VisionSimulation())->seen($colour, ColourVision::Tritan));

            self::assertEqualsWithDelta(
                array_map(static fn(float $part): float => min(1.0, max(0.0, $part)), $expected),
                [$seen->red, $seen->green, $seen->blue],
                0.008,
                $colour->hex(),
            );
            ++$sides[$isRedder ? 0 : 1];
        }
        self::assertGreaterThan(100, min($sides), 'Both half planes are tried.');
    }

    /**
     * The blue cone's answer replaced so that the light lies in the plane of white and the anchor.
     *
     * @param list<float> $cones
     * @param list<float> $white
     * @param list<float> $anchor
     *
     * @return list<float> linear RGB
     */
    private static function without(array $cones, array $white, array $anchor): array
    {
        $normal = [
            $white[1] * $anchor[2] - $white[2] * $anchor[1],
            $white[2] * $anchor[0] - $white[0] * $anchor[2],
            $white[0] * $anchor[1] - $white[1] * $anchor[0],
        ];

        return self::solve(self::CONES, [$cones[0], $cones[1], -($normal[0] * $cones[0] + $normal[1] * $cones[1]) / $normal[2]]);
    }

    /**
     * Cones of a light in the scale in which white is the display's white.
     *
     * @param list<float> $xyz
     * @param list<float> $white
     *
     * @return list<float>
     */
    private static function cones(array $xyz, array $white): array
    {
        return array_map(
            static fn(float $cone, float $ofWhite, float $displayed): float => $cone * $displayed / $ofWhite,
            self::times(self::FUNDAMENTALS, $xyz),
            self::times(self::FUNDAMENTALS, self::WHITE_D65),
            $white,
        );
    }

    /**
     * @param list<list<float>> $matrix
     * @param list<float>       $v
     *
     * @return list<float>
     */
    private static function times(array $matrix, array $v): array
    {
        return array_map(static fn(array $row): float => $row[0] * $v[0] + $row[1] * $v[1] + $row[2] * $v[2], $matrix);
    }

    /**
     * Cramer's rule.
     *
     * @param list<list<float>> $matrix
     * @param list<float>       $v
     *
     * @return list<float>
     */
    private static function solve(array $matrix, array $v): array
    {
        $determinant = static fn(array $m): float => $m[0][0] * ($m[1][1] * $m[2][2] - $m[1][2] * $m[2][1])
            - $m[0][1] * ($m[1][0] * $m[2][2] - $m[1][2] * $m[2][0])
            + $m[0][2] * ($m[1][0] * $m[2][1] - $m[1][1] * $m[2][0]);

        return array_map(static function (int $column) use ($matrix, $v, $determinant): float {
            $changed = $matrix;
            foreach ($v as $row => $value) {
                $changed[$row][$column] = $value;
            }

            return $determinant($changed) / $determinant($matrix);
        }, [0, 1, 2]);
    }
}
