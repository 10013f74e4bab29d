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

/** From three pieces on, one leads: the heaviest to look at weighs at least a fifth more than the next (docs/rules.md, rule 17). */
final readonly class OneLeads implements CoachRule
{
    private const LEAD = 1.2;
    private const FROM = 3;

    public function isAbout(): Check
    {
        return Check::Focal;
    }

    public function check(Dressing $dressing, Judgement $by): ?Finding
    {
        $standing = $dressing->inFront($dressing->standing());
        if (\count($standing) < self::FROM || $dressing->isRow($standing)) {
            return null;
        }
        $weights = array_map(static fn(PlacedPiece $one): float => $one->visualWeight(), $standing);
        $ids = array_map(static fn(PlacedPiece $one): string => $one->id, $standing);
        array_multisort($weights, \SORT_DESC, \SORT_NUMERIC, $ids, \SORT_ASC, \SORT_STRING, $standing);
        $isGood = $weights[0] >= self::LEAD * $weights[1] || $standing[0]->piece === $standing[1]->piece;

        return new Finding(
            Check::Focal,
            $isGood ? Verdict::Good : Verdict::LookAgain,
            ['lead' => $standing[0]->piece->name],
            $isGood ? [] : [Fault::of('alike in weight', [], $standing[0], $standing[1])],
        );
    }
}
