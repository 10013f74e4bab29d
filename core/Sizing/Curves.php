<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Sizing;

/** Lengths along curves that things are hung and wound in; every length in one unit, the same for all. */
final readonly class Curves
{
    /** Less sag than this part of the span is none. */
    private const TAUT = 1e-6;

    /**
     * A garland between two hooks, taken as a parabola of span s and sag d: r/2 + s²/8d·ln((4d + r)/s) with r = √(s² + 16d²).
     * The first term of its series, s·(1 + 8/3·(d/s)²), is 1.6 % too long at d/s = 0.25 already, so the whole integral is taken.
     */
    public static function swag(float $span, float $sag): float
    {
        if ($sag <= self::TAUT * $span) {
            return $span;
        }
        $r = sqrt($span ** 2 + 16 * $sag ** 2);

        return $r / 2 + $span ** 2 / (8 * $sag) * log((4 * $sag + $r) / $span);
    }

    /** Wound evenly round a post: √(L² + (n·π·⌀)²). */
    public static function helix(float $height, float $turns, float $diameter): float
    {
        return hypot($height, $turns * \M_PI * $diameter);
    }

    /** How far up a post something of a length climbs in so many turns, of a given way round each: the helix read the other way; 0 when it ends before. */
    public static function climb(float $length, int $turns, float $girth): float
    {
        return sqrt(max(0.0, $length ** 2 - ($turns * $girth) ** 2));
    }

    /** In how many turns it climbs just so far; 0 when it is too short to. */
    public static function turns(float $length, float $climb, float $girth): float
    {
        return sqrt(max(0.0, $length ** 2 - $climb ** 2)) / $girth;
    }

    /**
     * Wound round a cone from its foot to its tip, climbing evenly: with u from 0 at the tip to 1 at the foot,
     * ∫√(r² + h² + (2πn·r·u)²)du, which is ½·(√(a² + b²) + a²/b·asinh(b/a)) for a = √(r² + h²) and b = 2πn·r.
     */
    public static function cone(float $height, float $footRadius, float $turns): float
    {
        $a = hypot($height, $footRadius);
        $b = 2 * \M_PI * $turns * $footRadius;

        return $b <= 0.0 ? $a : (hypot($a, $b) + $a ** 2 / $b * asinh($b / $a)) / 2;
    }
}
