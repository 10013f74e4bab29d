<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Coach;

/** The line along the tops, left to right: one point over every standing piece that nothing in front of or behind overtops. */
final readonly class Skyline
{
    /** @return list<array{x: int, top: int}> tenths of a millimetre */
    public function over(Dressing $dressing): array
    {
        $points = [];
        $standing = $dressing->standing();
        foreach ($standing as $piece) {
            foreach ($standing as $other) {
                if ($other !== $piece && $other->left <= $piece->centre && $piece->centre <= $other->right && $other->top > $piece->top) {
                    continue 2;
                }
            }
            $points[] = ['x' => (int) round($piece->centre), 'top' => $piece->top];
        }

        return $points;
    }
}
