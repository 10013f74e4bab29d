<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Coach\Rule;

use BrightCupboard\Core\Coach\CoachRule;
use BrightCupboard\Core\Coach\Dressing;
use BrightCupboard\Core\Coach\Finding;
use BrightCupboard\Core\Coach\Judgement;
use BrightCupboard\Core\Coach\PlacedPiece;
use BrightCupboard\Core\Coach\Verdict;
use BrightCupboard\Core\Measure\Length;

/**
 * An open flame stays 12 in from anything that can burn (NFPA candle safety guidance; docs/rules.md, rule 2).
 *
 * The distance is taken in three dimensions, from the tip of each candle to the nearest point of
 * the box round the other piece, its depth included; a layer stands in the middle of its lane.
 */
final readonly class FlameClearance implements CoachRule
{
    public const CODE = 'safety.flame';
    private const LEAST = 12 * Length::TENTHS_PER_INCH;

    public function check(Dressing $dressing, Judgement $by): ?Finding
    {
        $flames = array_filter($dressing->placed, static fn(PlacedPiece $piece): bool => $piece->piece->hasFlame());
        if ([] === $flames) {
            return null;
        }
        $nearest = \INF;
        $flame = $fuel = null;
        foreach ($flames as $candidate) {
            foreach ($dressing->placed as $other) {
                $isOwn = $other->id === $candidate->id;
                if ($isOwn || $other->piece->hasFlame() ? !$other->piece->isTinder() : !$other->piece->burns()) {
                    continue; // what a candle stands in may be wood; greenery that carries a candle burns
                }
                $distance = $isOwn ? 0.0 : $this->distance($candidate, $other, $dressing->spot->depth->tenths());
                if ($distance < $nearest) {
                    [$nearest, $flame, $fuel] = [$distance, $candidate, $other];
                }
            }
        }
        if (null === $flame || null === $fuel || $nearest >= self::LEAST) {
            return new Finding(self::CODE, 'Candle clearance', Verdict::Good, null === $flame ? 'nothing near that burns' : 'nearest ' . $by->lengths->write(Length::ofTenths((int) floor($nearest))), $by->lengths->write(Length::ofTenths(self::LEAST)) . ' at least', 'Still: never leave a flame unattended.');
        }

        return new Finding(
            self::CODE,
            'Candle clearance',
            Verdict::Fix,
            $by->lengths->write(Length::ofTenths((int) floor($nearest))) . ' to ' . $fuel->piece->name,
            $by->lengths->write(Length::ofTenths(self::LEAST)) . ' at least',
            $flame === $fuel ? sprintf('%s carries an open flame and takes fire itself. Use flameless candles in it.', $flame->piece->name) : sprintf('%s would burn too close to %s. Move it, or use flameless candles.', $flame->piece->name, $fuel->piece->name),
            null,
            array_values(array_unique([$flame->id, $fuel->id])),
        );
    }

    private function distance(PlacedPiece $flame, PlacedPiece $other, int $depth): float
    {
        $unit = $flame->piece->size->width->tenths();
        $dz = max(0.0, abs($flame->layer->depthShare() - $other->layer->depthShare()) * $depth - $other->piece->size->depth->tenths() / 2);
        $dy = max(0, $other->raise - $flame->top, $flame->top - $other->top);
        $nearest = \INF;
        for ($i = 0; $i < $flame->count; ++$i) {
            $x = $flame->left + ($i + 0.5) * $unit;
            $dx = max(0, $other->left - $x, $x - $other->right);
            $nearest = min($nearest, sqrt($dx ** 2 + $dy ** 2 + $dz ** 2));
        }

        return $nearest;
    }
}
