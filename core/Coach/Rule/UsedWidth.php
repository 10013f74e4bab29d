<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Coach\Rule;

use BrightCupboard\Core\Coach\Band;
use BrightCupboard\Core\Coach\CoachRule;
use BrightCupboard\Core\Coach\Dressing;
use BrightCupboard\Core\Coach\Finding;
use BrightCupboard\Core\Coach\Judgement;
use BrightCupboard\Core\Coach\PlacedPiece;
use BrightCupboard\Core\Coach\Verdict;

/** How much of the ledge is taken: airy 35 to 60 %, layered 55 to 85 %, between them by the mood (docs/rules.md, rule 7). */
final readonly class UsedWidth implements CoachRule
{
    public const CODE = 'width.used';
    private const AIRY = [0.35, 0.60];
    private const LAYERED = [0.55, 0.85];
    private const NEARLY = 0.12;

    public function check(Dressing $dressing, Judgement $by): ?Finding
    {
        if ([] === $dressing->placed) {
            return null;
        }
        $mood = $by->look->mood / 100;
        $band = new Band(
            $this->used($dressing) / $dressing->spot->width->tenths(),
            self::AIRY[0] + $mood * (self::LAYERED[0] - self::AIRY[0]),
            self::AIRY[1] + $mood * (self::LAYERED[1] - self::AIRY[1]),
        );
        $verdict = $band->verdict(self::NEARLY);

        return new Finding(
            self::CODE,
            'Used width',
            $verdict,
            sprintf('%d %% of the %s', round($band->value * 100), $dressing->spot->kind->surface()),
            sprintf('%d to %d %% in this mood', round($band->low * 100), round($band->high * 100)),
            match (true) {
                Verdict::Good === $verdict => 'There is enough, and air between.',
                $band->value < $band->low => 'It looks sparse: one wider piece says more than several small ones.',
                default => 'It looks full: take away what says least.',
            },
            $band,
        );
    }

    /** Tenths of a millimetre of the ledge that are under something, each stretch once. */
    private function used(Dressing $dressing): int
    {
        $pieces = $dressing->placed;
        usort($pieces, static fn(PlacedPiece $a, PlacedPiece $b): int => $a->left <=> $b->left);
        $used = 0;
        $reach = 0;
        $end = $dressing->spot->width->tenths();
        foreach ($pieces as $piece) {
            $from = max($piece->left, $reach);
            $to = min($piece->right, $end);
            if ($to > $from) {
                $used += $to - $from;
                $reach = $to;
            }
        }

        return $used;
    }
}
