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
use BrightCupboard\Core\Stock\Posture;

/** Of cushions one before the other the front one is the lower (common practice; docs/rules.md, rule 23). */
final readonly class RowsStepDown implements CoachRule
{
    public function isAbout(): Check
    {
        return Check::Rows;
    }

    public function check(Dressing $dressing, Judgement $by): ?Finding
    {
        $cushions = array_values(array_filter($dressing->placed, static fn(PlacedPiece $one): bool => Posture::Sits === $one->posture));
        $pairs = 0;
        $faults = [];
        foreach ($cushions as $behind) {
            foreach ($cushions as $before) {
                if ($before->layer->depthShare() > $behind->layer->depthShare() && $before->overlapsAcross($behind)) {
                    ++$pairs;
                    if ($before->height >= $behind->height) {
                        $faults[] = Fault::of('taller in front', [], $before, $behind);
                    }
                }
            }
        }

        return 0 === $pairs ? null : new Finding(Check::Rows, [] === $faults ? Verdict::Good : Verdict::LookAgain, ['faults' => \count($faults)], $faults);
    }
}
