<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Coach\Place;

use BrightCupboard\Core\Coach\Dressing;
use BrightCupboard\Core\Coach\PlacedPiece;
use BrightCupboard\Core\Stock\PieceKind;
use BrightCupboard\Core\Stock\Posture;
use BrightCupboard\Core\Surface\Layer;
use BrightCupboard\Core\Surface\Spot;
use BrightCupboard\Core\Surface\Stance;

/** On a tree: itself in the middle, a skirt round its foot, the star on top, all else in the band that has least for its breadth. */
final readonly class OnCone implements Places
{
    /** Trimmings of a band, and of one band and the next, are this part of its breadth apart, so that they never line up (golden section). */
    private const APART = 0.618;

    public function of(Dressing $dressing, PlacedPiece $piece): array
    {
        $tree = $dressing->tree();
        [$width, $centre] = [$tree->width ?? $dressing->spot->width->tenths(), $tree->centre ?? $dressing->spot->width->tenths() / 2];
        $middle = (int) round($centre - $piece->width / 2);
        if (Posture::Stands === $piece->posture) {
            return [new Stance($middle, Layer::Middle, 0, 0, $piece->posture)];
        }
        if (Posture::Lies === $piece->posture) {
            $isLaid = [] !== array_filter($dressing->placed, static fn(PlacedPiece $one): bool => Posture::Lies === $one->posture);

            return $isLaid ? [] : [new Stance($middle, Layer::Front, 0, 0, $piece->posture)];
        }
        if (PieceKind::Star === $piece->piece->kind && Posture::Hangs === $piece->posture) {
            $isTopped = [] !== array_filter($dressing->placed, $dressing->heights()->isTopper(...));

            return $isTopped ? [] : [new Stance($middle, Layer::Front, 0, Spot::BANDS - 1, $piece->posture)];
        }
        $stances = [];
        foreach ($this->barestFirst($dressing) as [$band, $there]) {
            $breadth = $width * (Spot::BANDS - $band - 0.5) / Spot::BANDS;
            $share = Posture::Drapes === $piece->posture ? 0.5 : fmod(0.5 + ($band + $there) * self::APART, 1.0);
            $stances[] = new Stance(
                (int) round($centre + ($share - 0.5) * $breadth - $piece->width / 2),
                Layer::Front,
                0,
                $band,
                $piece->posture,
            );
        }

        return $stances;
    }

    /** @return list<array{int, int}> band and how much it has, the barest for its breadth first, lower before higher */
    private function barestFirst(Dressing $dressing): array
    {
        $bands = array_fill(0, Spot::BANDS, 0);
        foreach ($dressing->heights()->trimmings() as $one) {
            $bands[min($one->tier, Spot::BANDS - 1)] += $one->count;
        }
        $sorted = array_map(static fn(int $band, int $there): array => [$band, $there], array_keys($bands), $bands);
        usort($sorted, static fn(array $a, array $b): int => [$a[1] / (Spot::BANDS - $a[0]), $a[0]] <=> [$b[1] / (Spot::BANDS - $b[0]), $b[0]]);

        return $sorted;
    }
}
