<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Coach\Rule;

use BrightCupboard\Core\Coach\Check;
use BrightCupboard\Core\Coach\CoachRule;
use BrightCupboard\Core\Coach\Dressing;
use BrightCupboard\Core\Coach\Fault;
use BrightCupboard\Core\Coach\Finding;
use BrightCupboard\Core\Coach\Judgement;
use BrightCupboard\Core\Coach\PlacedPiece;
use BrightCupboard\Core\Coach\Verdict;
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Surface\Form;

/**
 * An open flame stays 12 in from anything that can burn (NFPA candle safety guidance; docs/rules.md, rule 2).
 *
 * The distance is taken in three dimensions, from the tip of each candle to the nearest point of the box round the other
 * piece, its depth included; a layer stands in the middle of its lane. A board close over the flame counts, too.
 */
final readonly class FlameClearance implements CoachRule
{
    private const LEAST = 12 * Length::TENTHS_PER_INCH;

    public function isAbout(): Check
    {
        return Check::Flame;
    }

    public function check(Dressing $dressing, Judgement $by): ?Finding
    {
        $flames = array_filter($dressing->placed, static fn(PlacedPiece $piece): bool => $piece->piece->hasFlame());
        if ([] === $flames) {
            return null;
        }
        $nearest = \INF;
        $faults = [];
        foreach ($flames as $flame) {
            foreach ($dressing->placed as $other) {
                $isOwn = $other->id === $flame->id;
                if ($isOwn || $other->piece->hasFlame() ? !$other->piece->isTinder() : !$other->piece->burns()) {
                    continue; // what a candle stands in may be wood; greenery that carries a candle burns
                }
                $distance = $isOwn ? 0.0 : $this->distance($flame, $other, $dressing);
                $nearest = min($nearest, $distance);
                if ($distance < self::LEAST) {
                    $faults[] = Fault::of(
                        $isOwn ? 'carries a flame' : 'too close',
                        ['distance' => Length::ofTenths((int) floor($distance))],
                        ...($isOwn ? [$flame] : [$flame, $other]),
                    );
                }
            }
            $clear = $dressing->spot->clearOver($flame->tier);
            $above = null === $clear || !\in_array($dressing->spot->form(), [Form::Ledge, Form::Tiers], true) ? \INF : $clear - $flame->top;
            $nearest = min($nearest, $above);
            if ($above < self::LEAST) {
                $faults[] = Fault::of('under a board', ['distance' => Length::ofTenths(max(0, (int) $above))], $flame);
            }
        }
        $figures = [
            'least' => Length::ofTenths(self::LEAST),
            'flames' => \count($flames),
        ] + (is_infinite($nearest) ? [] : ['nearest' => Length::ofTenths(max(0, (int) floor($nearest)))]);

        return new Finding(Check::Flame, [] === $faults ? Verdict::Good : Verdict::Fix, $figures, $faults);
    }

    private function distance(PlacedPiece $flame, PlacedPiece $other, Dressing $dressing): float
    {
        $spot = $dressing->spot;
        $unit = $flame->piece->size->width->tenths();
        $dz = max(0.0, abs($flame->layer->depthShare() - $other->layer->depthShare()) * $spot->depth->tenths() - $other->depth / 2);
        $tip = $dressing->heights()->tierHeight($flame->tier) + $flame->top;
        $foot = $dressing->heights()->tierHeight($other->tier) + $dressing->foot($other);
        $dy = max(0, $foot - $tip, $tip - $foot - $other->height);
        $nearest = \INF;
        for ($i = 0; $i < $flame->count; ++$i) {
            $x = $flame->left + ($i + 0.5) * $unit;
            $dx = max(0, $other->left - $x, $x - $other->right);
            $nearest = min($nearest, sqrt($dx ** 2 + $dy ** 2 + $dz ** 2));
        }

        return $nearest;
    }
}
