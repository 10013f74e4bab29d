<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Coach\Place;

use BrightCupboard\Core\Coach\Dressing;
use BrightCupboard\Core\Coach\PlacedPiece;
use BrightCupboard\Core\Stock\PieceKind;
use BrightCupboard\Core\Stock\Posture;
use BrightCupboard\Core\Surface\Layer;
use BrightCupboard\Core\Surface\Stance;

/** Along a rail or an edge, and round a post: garlands end to end from its foot, what hangs down in the widest gap. */
final readonly class OnRun implements Places
{
    public function of(Dressing $dressing, PlacedPiece $piece): array
    {
        $isHung = Posture::Hangs === $piece->posture;
        // Lights and ribbon run over a garland from its foot; another garland begins where the last one ends.
        $alike = array_values(array_filter(
            $dressing->placed,
            static fn(PlacedPiece $one): bool => $isHung ? $dressing->hangsDown($one) : $one->piece->kind === $piece->piece->kind,
        ));
        [$start, $end] = [$dressing->spot->from, $dressing->spot->to];
        if (!$isHung) {
            $from = max([$start, ...array_map(static fn(PlacedPiece $one): int => $one->right, $alike)]);
            if ($dressing->spot->sides() > 0 && [] === $alike) {
                $from = intdiv($start + $end - $piece->width, 2); // over the middle of a doorway, both ends down its sides
            }
            $layer = PieceKind::Garland === $piece->piece->kind ? Layer::Middle : Layer::Front;
            $turns = $dressing->spot->isUpright() && $from < $end ? $piece->wound($dressing->spot, $end - $from)->dips : 0;

            return [(new Stance($from, $layer, 0, 0, $piece->posture, $turns))->on($dressing->spot, $piece->piece->kind)];
        }
        usort($alike, static fn(PlacedPiece $a, PlacedPiece $b): int => $a->left <=> $b->left);
        [$from, $widest, $middle] = [$start, -1, intdiv($start + $end, 2)];
        foreach ([...array_map(static fn(PlacedPiece $one): array => [$one->left, $one->right], $alike), [$end, $end]] as [$left, $right]) {
            if ($left - $from > $widest) {
                [$widest, $middle] = [$left - $from, intdiv($from + $left, 2)];
            }
            $from = $right;
        }

        return [new Stance($middle - intdiv($piece->width, 2), Layer::Front, 0, 0, $piece->posture)];
    }
}
