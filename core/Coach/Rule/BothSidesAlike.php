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
use BrightCupboard\Core\Surface\SeenFrom;

/** A table that is seen from both sides has as much for the one as for the other, within a third of all of it (own; docs/rules.md, rule 24). */
final readonly class BothSidesAlike implements CoachRule
{
    private const MOST = 0.34;

    public function isAbout(): Check
    {
        return Check::BothSides;
    }

    public function check(Dressing $dressing, Judgement $by): ?Finding
    {
        $standing = $dressing->standing();
        if (\count($standing) < 2 || SeenFrom::Front === $dressing->spot->seenFrom) {
            return null;
        }
        $all = array_sum(array_map(static fn(PlacedPiece $one): float => $one->visualWeight(), $standing));
        $pull = array_sum(array_map(static fn(PlacedPiece $one): float => $one->visualWeight() * (2 * $one->layer->depthShare() - 1), $standing));
        $share = abs($pull) / max(1e-9, $all);
        $isLopsided = $share > self::MOST;

        return new Finding(
            Check::BothSides,
            $isLopsided ? Verdict::LookAgain : Verdict::Good,
            ['percent' => (int) round(100 * $share)],
            $isLopsided ? [Fault::of('one side has more', ['side' => $pull > 0 ? 'front' : 'back'])] : [],
        );
    }
}
