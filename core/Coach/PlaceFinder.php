<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Coach;

use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Stock\Piece;
use BrightCupboard\Core\Stock\PieceKind;
use BrightCupboard\Core\Stock\Posture;
use BrightCupboard\Core\Surface\Layer;

/** Finds where on a ledge a piece would stand best: in its own layer, out of the zones to keep clear, where it levels the sides most. */
final readonly class PlaceFinder
{
    private const AIR = Length::TENTHS_PER_INCH;
    private const TALL_SHARE = 0.6;

    /** Null when no stretch of any layer is wide enough. Ties go to the place furthest left. */
    public function find(Dressing $dressing, Piece $piece): ?FreePlace
    {
        $own = $this->layerFor($dressing, $piece);
        foreach ([$own, ...array_filter([Layer::Middle, Layer::Back, Layer::Front], static fn(Layer $layer): bool => $layer !== $own)] as $layer) {
            $best = $this->inLayer($dressing, $piece, $layer);
            if (null !== $best) {
                return $best;
            }
        }

        return null;
    }

    private function layerFor(Dressing $dressing, Piece $piece): Layer
    {
        if (\in_array(Posture::Leans, $piece->kind->facts()->postures, true) || PieceKind::Tray === $piece->kind) {
            return Layer::Back;
        }
        if ($piece->kind->facts()->isUnderOthers()) {
            return Layer::Front;
        }
        $clear = $dressing->spot->clearHeight?->tenths();

        return null !== $clear && $piece->size->height->tenths() > self::TALL_SHARE * $clear ? Layer::Back : Layer::Middle;
    }

    private function inLayer(Dressing $dressing, Piece $piece, Layer $layer): ?FreePlace
    {
        $width = $piece->size->width->tenths();
        $best = null;
        $least = \INF;
        foreach ($this->gaps($dressing, $layer) as [$from, $to]) {
            if ($to - $from < $width) {
                continue;
            }
            foreach ([$from, intdiv($from + $to - $width, 2), $to - $width] as $left) {
                $imbalance = $dressing->with(new PlacedPiece('try', $piece, 1, $left, $layer))->moments()->imbalance();
                if ($imbalance < $least - 1e-9) {
                    [$least, $best] = [$imbalance, new FreePlace($left, $layer)];
                }
            }
        }

        return $best;
    }

    /** @return list<array{int, int}> free stretches from left to right, an inch of air kept beside what stands */
    private function gaps(Dressing $dressing, Layer $layer): array
    {
        $taken = [];
        foreach ($dressing->spot->keepClear as $zone) {
            $taken[] = [$zone->from->tenths(), $zone->to->tenths()];
        }
        foreach ($dressing->placed as $placed) {
            if ($placed->layer === $layer) {
                $taken[] = [$placed->left - self::AIR, $placed->right + self::AIR];
            }
        }
        sort($taken);
        $gaps = [];
        $reach = 0;
        foreach ($taken as [$from, $to]) {
            if ($from > $reach) {
                $gaps[] = [$reach, $from];
            }
            $reach = max($reach, $to);
        }
        $end = $dressing->spot->width->tenths();

        return $reach < $end ? [...$gaps, [$reach, $end]] : $gaps;
    }
}
