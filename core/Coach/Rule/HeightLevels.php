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
use BrightCupboard\Core\Measure\Length;

/** From three pieces on, three heights 15 % apart; two pieces, two heights (docs/rules.md, rule 4). Judged board by board. */
final readonly class HeightLevels implements CoachRule
{
    private const APART = 0.15;
    private const WANTED = 3;

    public function isAbout(): Check
    {
        return Check::Levels;
    }

    public function check(Dressing $dressing, Judgement $by): ?Finding
    {
        $faults = $best = [];
        $isJudged = false;
        $most = 0;
        foreach ($dressing->byTier() as $standing) {
            if (\count($standing) < 2 || $dressing->isRow($standing) || self::isPair($standing)) {
                continue;
            }
            $isJudged = true;
            $levels = self::levels($standing);
            $wanted = min(self::WANTED, \count($standing));
            $most = max($most, $wanted);
            if (\count($levels) < $wanted) {
                $faults[] = Fault::of('too level', ['levels' => \count($levels), 'wanted' => $wanted], ...$standing);
            }
            $best = \count($levels) > \count($best) ? $levels : $best;
        }
        if (!$isJudged) {
            return null;
        }

        return new Finding(
            Check::Levels,
            [] === $faults ? Verdict::Good : Verdict::LookAgain,
            ['levels' => array_map(Length::ofTenths(...), $best), 'wanted' => $most],
            $faults,
        );
    }

    /**
     * @param list<PlacedPiece> $standing
     *
     * @return list<int> tops of the levels, the tallest first
     */
    private static function levels(array $standing): array
    {
        $tops = array_map(static fn(PlacedPiece $piece): int => $piece->top, $standing);
        rsort($tops);
        $levels = [];
        foreach ($tops as $top) {
            if ([] === $levels || $top <= end($levels) * (1 - self::APART)) {
                $levels[] = $top;
            }
        }

        return $levels;
    }

    /** @param list<PlacedPiece> $standing two of one piece, put as a pair on purpose */
    private static function isPair(array $standing): bool
    {
        return 2 === \count($standing) && $standing[0]->piece === $standing[1]->piece;
    }
}
