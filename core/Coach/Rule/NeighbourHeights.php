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

/** Pair large with medium, not large with small: the lower of two neighbours is 50 to 85 % of the taller (docs/rules.md, rule 5). */
final readonly class NeighbourHeights implements CoachRule
{
    private const LEAST = 0.50;
    private const MOST = 0.85;

    public function isAbout(): Check
    {
        return Check::Neighbours;
    }

    public function check(Dressing $dressing, Judgement $by): ?Finding
    {
        $faults = [];
        $pairs = 0;
        foreach ($dressing->byTier() as $all) {
            $standing = $dressing->inFront($all);
            if ($dressing->isRow($standing)) {
                continue;
            }
            for ($i = 1; $i < \count($standing); ++$i) {
                [$one, $two] = [$standing[$i - 1], $standing[$i]];
                ++$pairs;
                $ratio = min($one->top, $two->top) / max($one->top, $two->top, 1);
                if ($one->piece !== $two->piece && ($ratio < self::LEAST || $ratio > self::MOST)) {
                    $faults[] = Fault::of($ratio > self::MOST ? 'level' : 'far apart', [], $one, $two);
                }
            }
        }
        if (0 === $pairs) {
            return null;
        }

        return new Finding(
            Check::Neighbours,
            match (true) {
                [] === $faults => Verdict::Good,
                \count($faults) * 2 > $pairs && $pairs > 1 => Verdict::Fix,
                default => Verdict::LookAgain,
            },
            ['good' => $pairs - \count($faults), 'pairs' => $pairs],
            $faults,
        );
    }
}
