<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Coach\Rule;

use BrightCupboard\Core\Coach\Band;
use BrightCupboard\Core\Coach\Check;
use BrightCupboard\Core\Coach\CoachRule;
use BrightCupboard\Core\Coach\Dressing;
use BrightCupboard\Core\Coach\Fault;
use BrightCupboard\Core\Coach\Finding;
use BrightCupboard\Core\Coach\Judgement;
use BrightCupboard\Core\Coach\Verdict;
use BrightCupboard\Core\Look\FitVerdict;

/** How well all that stands here sits in the look, weighed by the face each piece shows (docs/rules.md, rule 8). */
final readonly class LookFit implements CoachRule
{
    public function isAbout(): Check
    {
        return Check::Look;
    }

    public function check(Dressing $dressing, Judgement $by): ?Finding
    {
        if (!$by->look->isChosen()) {
            return null;
        }
        $area = $sum = 0.0;
        $weakest = null;
        $least = 101;
        foreach ($dressing->placed as $placed) {
            $face = (float) $placed->width * $placed->height;
            $fit = $by->meter->fit($placed->piece);
            $area += $face;
            $sum += $face * $fit->score;
            if ($fit->score < $least) {
                [$least, $weakest] = [$fit->score, $placed];
            }
        }
        $score = $area > 0.0 ? (int) round($sum / $area) : 0;
        $verdict = match (FitVerdict::ofScore($score)) {
            FitVerdict::In => Verdict::Good,
            FitVerdict::Near => Verdict::LookAgain,
            FitVerdict::Outside, FitVerdict::NotJudged => Verdict::Fix,
        };

        return new Finding(
            Check::Look,
            $verdict,
            ['score' => $score],
            Verdict::Good === $verdict || null === $weakest ? [] : [Fault::of('furthest off', ['score' => $least], $weakest)],
            new Band($score / 100, 0.8, 1.0),
        );
    }
}
