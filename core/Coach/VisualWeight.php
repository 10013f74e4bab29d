<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Coach;

use BrightCupboard\Core\Colour\Lab;
use BrightCupboard\Core\Stock\Material;
use BrightCupboard\Core\Stock\Piece;

/**
 * How heavy a piece looks for its size: 0.5 + a half shared by darkness, colourfulness and solidity.
 *
 * The weights 0.45, 0.25 and 0.3 are this application's own (common practice: dark, strong and solid things weigh more).
 */
final class VisualWeight
{
    /** @var \WeakMap<Piece, float>|null of each piece, for it is asked again at every place that is tried */
    private static ?\WeakMap $known = null;

    /** Times the face in square inches it is the visual weight. */
    public static function factor(Piece $piece): float
    {
        self::$known ??= new \WeakMap();
        if (isset(self::$known[$piece])) {
            return self::$known[$piece];
        }
        $factor = 0.0;
        foreach ($piece->colours as $share) {
            $lab = Lab::of($share->colour);
            $factor += $share->percent / 100 * (0.45 * (1 - $lab->lightness / 100) + 0.25 * min(1.0, $lab->chroma() / 60));
        }
        $solidity = [] === $piece->materials ? 1.0 : min(array_map(static fn(Material $material): float => $material->solidity(), $piece->materials));

        return self::$known[$piece] = (0.5 + $factor + 0.3 * $solidity) * (0.4 + 0.6 * $solidity);
    }
}
