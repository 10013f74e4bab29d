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
use BrightCupboard\Core\Look\FitVerdict;
use BrightCupboard\Core\Look\RibbonRole;
use BrightCupboard\Core\Surface\Form;

/**
 * Where one board of a hutch or bookcase has metal of the look, every board with two pieces or more has some (common practice;
 * docs/rules.md, rule 26). A check beside the echo, so that bringing an accent back counts whatever the boards lack.
 */
final readonly class MetalOnBoards implements CoachRule
{
    /** One piece alone on a board is a statement. */
    private const FROM = 2;

    public function isAbout(): Check
    {
        return Check::Metal;
    }

    public function check(Dressing $dressing, Judgement $by): ?Finding
    {
        if (Form::Tiers !== $dressing->spot->form() || !$by->look->isChosen()) {
            return null;
        }
        $has = [];
        foreach ($dressing->byTier() as $standing) {
            foreach (\count($standing) < self::FROM ? [] : $standing as $placed) {
                $fit = $by->meter->fit($placed->piece);
                $isMetal = FitVerdict::Outside !== $fit->verdict && RibbonRole::Metal === $by->look->ribbons[$fit->ribbon]->role;
                $has[$placed->tier] = ($has[$placed->tier] ?? false) || $isMetal;
            }
        }
        if (\count($has) < 2 || !\in_array(true, $has, true)) {
            return null;
        }
        $without = array_keys($has, false, true);

        return new Finding(
            Check::Metal,
            [] === $without ? Verdict::Good : Verdict::LookAgain,
            ['boards' => \count($has), 'with' => \count($has) - \count($without)],
            array_map(static fn(int $tier): Fault => Fault::of('no metal', ['board' => $tier + 1]), $without),
        );
    }
}
