<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Look;

use BrightCupboard\Core\Stock\Piece;

/**
 * How much of all that is seen each ribbon has: face area × colour share, given to the nearest ribbon.
 *
 * Colours further than CIEDE2000 30 from every ribbon are nobody's.
 */
final readonly class RibbonShares
{
    private const NOBODYS_FROM = 30.0;

    public function __construct(private Look $look, private FitMeter $meter) {}

    /**
     * @param list<array{Piece, int}> $placed pieces with units
     *
     * @return list<float> share 0 to 1 by ribbon, then one more for what is nobody's; all 0 when nothing is placed
     */
    public function of(array $placed): array
    {
        $areas = array_fill(0, \count($this->look->ribbons) + 1, 0.0);
        foreach ($placed as [$piece, $units]) {
            foreach ($piece->colours as $share) {
                $answer = $this->meter->answer($share->colour);
                $ribbon = $answer->distance < self::NOBODYS_FROM ? $answer->ribbon : \count($this->look->ribbons);
                $areas[$ribbon] = ($areas[$ribbon] ?? 0.0) + $piece->faceArea() * $units * $share->percent / 100;
            }
        }
        $sum = array_sum($areas);

        return array_values(array_map(static fn(float $area): float => $sum > 0.0 ? $area / $sum : 0.0, $areas));
    }
}
