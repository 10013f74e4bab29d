<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Coach\Place;

use BrightCupboard\Core\Coach\Dressing;
use BrightCupboard\Core\Coach\PlacedPiece;
use BrightCupboard\Core\Coach\Rule\HangingHeight;
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Surface\Layer;
use BrightCupboard\Core\Surface\Stance;

/** On a wall, door or window, or over a ledge: at the height of the eye or over the furniture, then beside what hangs there, on one middle line. */
final readonly class OnPanel implements Places
{
    private const GAP = 2.5 * Length::TENTHS_PER_INCH;

    public function of(Dressing $dressing, PlacedPiece $piece): array
    {
        $spot = $dressing->spot;
        $hung = $dressing->hung();
        if ([] === $hung) {
            $aim = HangingHeight::aim($spot) ?? throw new \LogicException('Nothing hangs on a wall here.');
            $raise = ($aim->least + $aim->most - ($aim->isOver ? 0 : $piece->height)) / 2 - $spot->ledgeHeight->tenths();
            $most = ($spot->clearHeight?->tenths() ?? \PHP_INT_MAX) - $piece->height;

            return [new Stance(
                intdiv($spot->width->tenths() - $piece->width, 2),
                Layer::Back,
                (int) max(0, min($most, round($raise))),
                0,
                $piece->posture,
            )];
        }
        [$left, $right] = [
            min(array_map(static fn(PlacedPiece $one): int => $one->left, $hung)),
            max(array_map(static fn(PlacedPiece $one): int => $one->right, $hung)),
        ];
        [$bottom, $top] = [
            min(array_map(static fn(PlacedPiece $one): int => $one->raise, $hung)),
            max(array_map(static fn(PlacedPiece $one): int => $one->top, $hung)),
        ];
        $level = (int) round(($bottom + $top - $piece->height) / 2);
        $middle = (int) round(($left + $right - $piece->width) / 2);
        $gap = (int) self::GAP;
        $at = static fn(int $x, int $y): Stance => new Stance($x, Layer::Back, $y, 0, $piece->posture);

        // Nothing hangs lower than the wall is free: there is the door's handle, or what stands below.
        return array_values(array_filter([
            $at($right + $gap, $level),
            $at($left - $gap - $piece->width, $level),
            $at($middle, $top + $gap),
            $at($middle, $bottom - $gap - $piece->height),
        ], static fn(Stance $stance): bool => $stance->raise >= 0));
    }
}
