<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Sizing;

use BrightCupboard\Core\Sizing\Curves;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Every closed formula against the length of the curve itself, added up in small straight steps. */
final class CurvesTest extends TestCase
{
    private const STEPS = 40_000;

    /** @return iterable<string, array{float, float}> span, sag */
    public static function swags(): iterable
    {
        yield 'taut' => [100, 0];
        yield 'hardly any' => [100, 0.01];
        yield 'a tenth' => [100, 10];
        yield 'a quarter' => [100, 25];
        yield 'as deep as wide' => [60, 60];
        yield 'twice as deep' => [30, 60];
    }

    #[DataProvider('swags')]
    public function testASwagIsAsLongAsItsParabola(float $span, float $sag): void
    {
        $length = self::length(static fn(float $t): array => [$span * $t, 4 * $sag * $t * (1 - $t), 0.0]);

        self::assertEqualsWithDelta($length, Curves::swag($span, $sag), $length * 1e-6);
    }

    /** @return iterable<string, array{float, float, float}> height, turns, diameter */
    public static function posts(): iterable
    {
        yield 'no turn' => [36, 0, 4];
        yield 'a newel post' => [36, 5, 4];
        yield 'half a turn round a thick one' => [48, 0.5, 12];
    }

    #[DataProvider('posts')]
    public function testAHelixIsAsLongAsWhatIsWound(float $height, float $turns, float $across): void
    {
        $length = self::length(static fn(float $t): array => [
            cos(2 * \M_PI * $turns * $t) * $across / 2,
            sin(2 * \M_PI * $turns * $t) * $across / 2,
            $height * $t,
        ]);

        self::assertEqualsWithDelta($length, Curves::helix($height, $turns, $across), $length * 1e-6);
    }

    /** @return iterable<string, array{float, float, float}> height, radius at the foot, turns */
    public static function trees(): iterable
    {
        yield 'straight up' => [84, 27, 0];
        yield 'one turn' => [84, 27, 1];
        yield 'a tree of seven feet, five turns' => [84, 27, 5];
        yield 'low and wide, twelve turns' => [40, 40, 12];
    }

    #[DataProvider('trees')]
    public function testASpiralUpAConeIsAsLongAsWhatIsWound(float $height, float $radius, float $turns): void
    {
        $length = self::length(static fn(float $t): array => [
            cos(2 * \M_PI * $turns * $t) * $radius * (1 - $t),
            sin(2 * \M_PI * $turns * $t) * $radius * (1 - $t),
            $height * $t,
        ]);

        self::assertEqualsWithDelta($length, Curves::cone($height, $radius, $turns), $length * 1e-5);
    }

    /** @param \Closure(float): array{float, float, float} $at a point of the curve, from 0 to 1 */
    private static function length(\Closure $at): float
    {
        $length = 0.0;
        $before = $at(0.0);
        for ($i = 1; $i <= self::STEPS; ++$i) {
            $now = $at($i / self::STEPS);
            $length += sqrt(($now[0] - $before[0]) ** 2 + ($now[1] - $before[1]) ** 2 + ($now[2] - $before[2]) ** 2);
            $before = $now;
        }

        return $length;
    }
}
