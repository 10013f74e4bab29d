<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Coach\Place;

use BrightCupboard\Core\Coach\Dressing;
use BrightCupboard\Core\Coach\PlacedPiece;
use BrightCupboard\Core\Stock\Posture;
use BrightCupboard\Core\Surface\Layer;
use BrightCupboard\Core\Surface\Spot;
use BrightCupboard\Core\Surface\Stance;

/** Stems into a vessel that stands here and holds none yet, trimmings onto the middle and the thirds of what they trim. */
final readonly class InHost implements Places
{
    private const TRIMMED_AT = [0.5, 0.25, 0.75, 0.1, 0.9];

    public function of(Dressing $dressing, PlacedPiece $piece): array
    {
        $stances = [];
        foreach ($dressing->placed as $host) {
            foreach (Posture::Fills === $piece->posture ? [$host->centre] : self::trimmedAt($host, $dressing->spot) as $centre) {
                $left = (int) round($centre - $piece->width / 2);
                $raise = $host->raise + (Posture::Trims === $piece->posture ? intdiv(max(0, $host->height - $piece->height), 2) : 0);
                $layer = Posture::Trims === $piece->posture ? Layer::Front : $host->layer;
                $stance = (new Stance($left, $layer, $raise, $host->tier, $piece->posture))->on($dressing->spot, $piece->piece->kind);
                $guest = new PlacedPiece('guest', $piece->piece, $piece->count, $stance);
                if ($dressing->carrying()->host($guest) === $host && !$this->isTaken($dressing, $guest)) {
                    $stances[] = $stance;
                }
            }
        }

        return $stances;
    }

    /** @return list<float> the middle and the corners of a doorway, where a garland is tied between its dips, the middlemost first; thirds otherwise */
    private static function trimmedAt(PlacedPiece $host, Spot $spot): array
    {
        if ($spot->sides() > 0) {
            return [$spot->middle(), (float) $spot->from, (float) $spot->to];
        }
        $shares = self::TRIMMED_AT; // also where it is wound round a post
        if ($host->drop > 0) {
            $shares = array_map(static fn(int $i): float => $i / $host->stance->dips, range(0, $host->stance->dips));
            usort($shares, static fn(float $a, float $b): int => [abs($a - 0.5), $a] <=> [abs($b - 0.5), $b]);
        }

        return array_map(static fn(float $share): float => $host->left + $share * $host->width, $shares);
    }

    private function isTaken(Dressing $dressing, PlacedPiece $guest): bool
    {
        foreach ($dressing->placed as $one) {
            // A bow is tied where lights run, and lights run under bows.
            if ($one->piece->kind->facts()->isStrung() !== $guest->piece->kind->facts()->isStrung()) {
                continue;
            }
            if ($one->posture === $guest->posture && $one->tier === $guest->tier && abs($one->centre - $guest->centre) < max($one->width, $guest->width) / 2) {
                return true;
            }
        }

        return false;
    }
}
