<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Coach\Place;

use BrightCupboard\Core\Coach\Dressing;
use BrightCupboard\Core\Coach\PlacedPiece;
use BrightCupboard\Core\Stock\Posture;
use BrightCupboard\Core\Surface\Layer;
use BrightCupboard\Core\Surface\Stance;

/** Stems into a vessel that stands here and holds none yet, trimmings onto the middle and the thirds of what they trim. */
final readonly class InHost implements Places
{
    private const TRIMMED_AT = [0.5, 0.25, 0.75, 0.1, 0.9];

    public function of(Dressing $dressing, PlacedPiece $piece): array
    {
        $stances = [];
        foreach ($dressing->placed as $host) {
            foreach (Posture::Fills === $piece->posture ? [0.5] : self::trimmedAt($host) as $share) {
                $left = (int) round($host->left + $share * $host->width - $piece->width / 2);
                $raise = $host->raise + (Posture::Trims === $piece->posture ? intdiv(max(0, $host->height - $piece->height), 2) : 0);
                $stance = new Stance($left, Posture::Trims === $piece->posture ? Layer::Front : $host->layer, $raise, $host->tier, $piece->posture);
                $guest = new PlacedPiece('guest', $piece->piece, $piece->count, $stance);
                if ($dressing->carrying()->host($guest) === $host && !$this->isTaken($dressing, $guest)) {
                    $stances[] = $stance;
                }
            }
        }

        return $stances;
    }

    /** @return list<float> shares of its width: where a garland is tied between its dips, the middlemost first; thirds otherwise */
    private static function trimmedAt(PlacedPiece $host): array
    {
        if (0 === $host->drop) {
            return self::TRIMMED_AT; // also where it is wound round a post
        }
        $ties = array_map(static fn(int $i): float => $i / $host->stance->dips, range(0, $host->stance->dips));
        usort($ties, static fn(float $a, float $b): int => [abs($a - 0.5), $a] <=> [abs($b - 0.5), $b]);

        return $ties;
    }

    private function isTaken(Dressing $dressing, PlacedPiece $guest): bool
    {
        foreach ($dressing->placed as $one) {
            if ($one->posture === $guest->posture && $one->tier === $guest->tier && abs($one->centre - $guest->centre) < max($one->width, $guest->width) / 2) {
                return true;
            }
        }

        return false;
    }
}
