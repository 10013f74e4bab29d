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

    /** Part of the glass that nothing stands before: its face less the union of what is seen before it, strip by strip between their edges. */
    private function free(PlacedPiece $mirror, Dressing $dressing): float
    {
        $before = array_filter(
            $dressing->placed,
            static fn(PlacedPiece $one): bool => $one !== $mirror
                && $one->tier === $mirror->tier
                && $one->overlapsAcross($mirror)
                && $one->raise < $mirror->top
                && $one->top > $mirror->raise
                && $one->layer->depthShare() > $mirror->layer->depthShare()
                && !$dressing->hangsDown($one)
                && !$one->piece->kind->facts()->isSeeThrough(),
        );
        $edges = [$mirror->left, $mirror->right];
        foreach ($before as $one) {
            $edges[] = max($mirror->left, $one->left);
            $edges[] = min($mirror->right, $one->right);
        }
        sort($edges);
        $covered = 0;
        for ($i = 1; $i < \count($edges); ++$i) {
            [$from, $to] = [$edges[$i - 1], $edges[$i]];
            $covered += $from === $to ? 0 : ($to - $from) * self::coveredHeight($mirror, array_filter(
                $before,
                static fn(PlacedPiece $one): bool => $one->left <= $from && $to <= $one->right,
            ));
        }

        return 1 - $covered / ($mirror->width * $mirror->height);
    }

    /** @param array<PlacedPiece> $before what is seen before one strip of it */
    private static function coveredHeight(PlacedPiece $mirror, array $before): int
    {
        usort($before, static fn(PlacedPiece $a, PlacedPiece $b): int => $a->raise <=> $b->raise);
        [$covered, $upTo] = [0, $mirror->raise];
        foreach ($before as $one) {
            $top = min($mirror->top, $one->top);
            $covered += max(0, $top - max($upTo, $one->raise));
            $upTo = max($upTo, $top);
        }

        return $covered;
    }
}
