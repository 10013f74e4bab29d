<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Storage\Internal;

use BrightCupboard\Core\Stock\Condition;
use BrightCupboard\Core\Stock\Piece;
use BrightCupboard\Core\Storage\Stored;
use BrightCupboard\Core\Storage\StoredTote;

/**
 * What must not be in a tote, asked alike by what looks one over and by what proposes one.
 *
 * Full is 85 % of the inside, the rest is padding (common practice). Heavy over fragile: 2 kg a unit and more in
 * one tote with what breaks (own value).
 *
 * @internal
 */
final readonly class ToteRules
{
    public const FULL = 0.85;
    private const HEAVY_GRAMS = 2000;
    /** A box that fits exactly must not fail by the last digit of a float. */
    private const TOLERANCE = 1e-6;

    public static function isHeavy(Piece $piece): bool
    {
        return $piece->weight->grams() >= self::HEAVY_GRAMS;
    }

    public static function isFragile(Piece $piece): bool
    {
        return $piece->isBreakable() && !self::isHeavy($piece);
    }

    public static function suffers(Piece $piece, Condition $condition): bool
    {
        foreach ($piece->materials as $material) {
            if (\in_array($condition, $material->suffersFrom(), true)) {
                return true;
            }
        }

        return false;
    }

    /** Whether units may be added without breaking a rule; whether there is a place for them is another question. */
    public static function allow(StoredTote $tote, Load $load, Stored $more): bool
    {
        $all = $load->with($more);
        if (
            !self::hasPadding($tote, $all)
            || (null !== $tote->mostWeight && $all->grams > $tote->mostWeight->grams())
            || ($all->isHeavyOverFragile() && !$load->isHeavyOverFragile())
        ) {
            return false;
        }
        foreach ($tote->conditions as $condition) {
            if (self::suffers($more->piece, $condition)) {
                return false;
            }
        }

        return true;
    }

    public static function hasPadding(StoredTote $tote, Load $load): bool
    {
        return $load->litres <= self::FULL * $tote->inside->litres() + self::TOLERANCE;
    }
}
