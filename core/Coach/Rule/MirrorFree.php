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
use BrightCupboard\Core\Stock\PieceKind;

/** Half of a mirror stays free to look into (common practice; docs/rules.md, rule 20). */
final readonly class MirrorFree implements CoachRule
{
    private const FREE = 0.5;
    /** Points across and up at which it is asked whether something stands before the glass. */
    private const POINTS = 20;

    public function isAbout(): Check
    {
        return Check::Mirror;
    }

    public function check(Dressing $dressing, Judgement $by): ?Finding
    {
        $mirrors = array_values(array_filter($dressing->placed, static fn(PlacedPiece $one): bool => PieceKind::Mirror === $one->piece->kind));
        if ([] === $mirrors) {
            return null;
        }
        $faults = [];
        $least = 1.0;
        foreach ($mirrors as $mirror) {
            $free = $this->free($mirror, $dressing);
            $least = min($least, $free);
            if ($free < self::FREE) {
                $faults[] = Fault::of('covered', ['percent' => (int) round(100 * $free)], $mirror);
            }
        }

        return new Finding(Check::Mirror, [] === $faults ? Verdict::Good : Verdict::LookAgain, ['percent' => (int) round(100 * $least)], $faults);
    }

    /** Part of the glass that nothing stands before. */
    private function free(PlacedPiece $mirror, Dressing $dressing): float
    {
        $before = array_filter(
            $dressing->placed,
            static fn(PlacedPiece $one): bool => $one !== $mirror
                && $one->tier === $mirror->tier
                && $one->layer->depthShare() > $mirror->layer->depthShare()
                && !$dressing->hangsDown($one)
                && !$one->piece->kind->facts()->isSeeThrough(),
        );
        $free = 0;
        for ($i = 0; $i < self::POINTS; ++$i) {
            for ($j = 0; $j < self::POINTS; ++$j) {
                $x = $mirror->left + ($i + 0.5) * $mirror->width / self::POINTS;
                $y = $mirror->raise + ($j + 0.5) * $mirror->height / self::POINTS;
                $isCovered = false;
                foreach ($before as $one) {
                    $isCovered = $isCovered || ($one->left <= $x && $x <= $one->right && $one->raise <= $y && $y <= $one->top);
                }
                $free += $isCovered ? 0 : 1;
            }
        }

        return $free / self::POINTS ** 2;
    }
}
