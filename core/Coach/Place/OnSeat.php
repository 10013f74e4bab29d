<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Coach\Place;

use BrightCupboard\Core\Coach\Dressing;
use BrightCupboard\Core\Coach\PlacedPiece;
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Stock\Posture;
use BrightCupboard\Core\Surface\Layer;
use BrightCupboard\Core\Surface\SpotKind;
use BrightCupboard\Core\Surface\Stance;

/** On a sofa, chair, bench or bed: cushions from the ends inwards, row before row, on a bed about its middle; a throw over an arm or the foot. */
final readonly class OnSeat implements Places
{
    private const ARM = 2 * Length::TENTHS_PER_INCH;
    /** A cushion in front leaves this part of the one behind to be seen. */
    private const STEP = 0.45;
    private const ROW = 2;

    public function of(Dressing $dressing, PlacedPiece $piece): array
    {
        $free = $dressing->spot->width->tenths() - $piece->width;
        $isBed = SpotKind::Bed === $dressing->spot->kind;
        $at = static fn(int $left, Layer $layer): Stance => new Stance($left, $layer, 0, 0, $piece->posture);
        if (Posture::Sits !== $piece->posture) {
            return $isBed || Posture::Lies === $piece->posture ? [$at(intdiv($free, 2), Layer::Front)] : [$at($free, Layer::Front), $at(0, Layer::Front)];
        }
        $stances = [];
        // Where two have no room beside one another, one is in the middle.
        $isNarrow = 2 * ($piece->width + self::ARM) > $dressing->spot->width->tenths();
        $step = (int) (self::STEP * $piece->width);
        foreach ([Layer::Back, Layer::Middle, Layer::Front] as $row => $layer) {
            $shift = self::ARM + $row * $step;
            $lefts = $isBed
                ? [intdiv($dressing->spot->width->tenths(), 2) - $piece->width, intdiv($dressing->spot->width->tenths(), 2), intdiv($free, 2)]
                : [$shift, $free - $shift, $shift + $piece->width, $free - $shift - $piece->width, intdiv($free, 2)];
            $lefts = $isNarrow && !$isBed ? array_reverse($lefts) : $lefts;
            foreach ($lefts as $left) {
                $stances[] = $at(max(0, min($free, $left)), $layer);
            }
        }
        $each = intdiv(\count($stances), 3);
        $inBack = \count(array_filter($dressing->placed, static fn(PlacedPiece $one): bool => Layer::Back === $one->layer && Posture::Sits === $one->posture));

        return $inBack >= self::ROW ? [...\array_slice($stances, $each), ...\array_slice($stances, 0, $each)] : $stances;
    }
}
