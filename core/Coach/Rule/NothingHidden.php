<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Coach\Rule;

use BrightCupboard\Core\Coach\Check;
use BrightCupboard\Core\Coach\CoachRule;
use BrightCupboard\Core\Coach\Dressing;
use BrightCupboard\Core\Coach\Fault;
use BrightCupboard\Core\Coach\Finding;
use BrightCupboard\Core\Coach\Judgement;
use BrightCupboard\Core\Coach\Verdict;

/**
 * Layers overlap, and nothing is lost behind another: what stands in front leaves at least a tenth of its width or
 * height to be seen (docs/rules.md, rule 15).
 */
final readonly class NothingHidden implements CoachRule
{
    private const SEEN = 0.9;

    public function isAbout(): Check
    {
        return Check::Hidden;
    }

    public function check(Dressing $dressing, Judgement $by): ?Finding
    {
        $shown = $dressing->shown();
        if (\count($shown) < 2) {
            return null;
        }
        $faults = [];
        foreach ($shown as $behind) {
            foreach ($shown as $before) {
                if (
                    $before->tier === $behind->tier
                    && $before->top >= self::SEEN * $behind->top
                    && min($before->right, $behind->right) - max($before->left, $behind->left) >= self::SEEN * $behind->width
                    && $before->layer->depthShare() > $behind->layer->depthShare()
                    && !$before->piece->kind->facts()->isSeeThrough()
                ) {
                    $faults[] = Fault::of('hidden', [], $behind, $before);
                }
            }
        }

        return new Finding(Check::Hidden, [] === $faults ? Verdict::Good : Verdict::LookAgain, ['faults' => \count($faults)], $faults);
    }
}
