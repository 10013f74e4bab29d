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
use BrightCupboard\Core\Colour\Ciede2000;
use BrightCupboard\Core\Colour\Lab;
use BrightCupboard\Core\Stock\PieceKind;

/** Each thing stands out from the wall behind it by 15 in lightness or by CIEDE2000 20 (docs/rules.md, rule 16). Said when it goes for a third of what is seen. */
final readonly class WallContrast implements CoachRule
{
    private const LIGHTNESS = 15.0;
    private const DIFFERENCE = 20.0;
    private const MOST = 1 / 3;

    public function isAbout(): Check
    {
        return Check::Contrast;
    }

    public function check(Dressing $dressing, Judgement $by): ?Finding
    {
        $wall = Lab::of($dressing->spot->wall);
        $difference = new Ciede2000();
        $faults = [];
        $all = $lost = 0.0;
        foreach ($dressing->standing() as $placed) {
            $area = (float) $placed->width * $placed->height;
            $all += $area;
            $showsOthers = PieceKind::Mirror === $placed->piece->kind || $placed->piece->kind->facts()->isSeeThrough();
            foreach ($showsOthers ? [] : $placed->piece->colours as $share) {
                $lab = Lab::of($share->colour);
                if ($share->percent >= 20 && (abs($lab->lightness - $wall->lightness) >= self::LIGHTNESS || $difference->between($lab, $wall) >= self::DIFFERENCE)) {
                    continue 2; // part of it stands out
                }
            }
            if (!$showsOthers) {
                $lost += $area;
                $faults[] = Fault::of('lost', [], $placed);
            }
        }
        if ($all <= 0.0) {
            return null;
        }
        $isGood = $lost / $all <= self::MOST;

        return new Finding(Check::Contrast, $isGood ? Verdict::Good : Verdict::LookAgain, ['percent' => (int) round(100 * $lost / $all)], $isGood ? [] : $faults);
    }
}
