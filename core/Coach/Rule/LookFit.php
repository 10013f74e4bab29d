<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Coach\Rule;

use BrightCupboard\Core\Coach\Band;
use BrightCupboard\Core\Coach\CoachRule;
use BrightCupboard\Core\Coach\Dressing;
use BrightCupboard\Core\Coach\Finding;
use BrightCupboard\Core\Coach\Judgement;
use BrightCupboard\Core\Coach\Verdict;
use BrightCupboard\Core\Look\FitVerdict;

/** How well all that stands here sits in the look, weighed by the face each piece shows (docs/rules.md, rule 8). */
final readonly class LookFit implements CoachRule
{
    public const CODE = 'look.fit';

    public function check(Dressing $dressing, Judgement $by): ?Finding
    {
        if ([] === $dressing->placed || !$by->look->isChosen()) {
            return null;
        }
        $area = 0.0;
        $sum = 0.0;
        $weakest = null;
        $least = 101;
        foreach ($dressing->placed as $placed) {
            $face = $placed->piece->faceArea() * $placed->count;
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
            self::CODE,
            'In the look',
            $verdict,
            sprintf('%d of 100', $score),
            '80 and over',
            Verdict::Good === $verdict || null === $weakest ? 'The colours belong together.' : sprintf('%s is furthest off, at %d.', $weakest->piece->name, $least),
            new Band($score / 100, 0.8, 1.0),
            Verdict::Good === $verdict || null === $weakest ? [] : [$weakest->id],
        );
    }
}
