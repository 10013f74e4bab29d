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
 * From four pieces on, an accent or metal of the look that is seen only on one side wants an echo on the other, on a tree in another
 * band (common practice; docs/rules.md, rule 18).
 */
final readonly class Echoes implements CoachRule
{
    private const FROM = 4;

    public function isAbout(): Check
    {
        return Check::Echo;
    }

    public function check(Dressing $dressing, Judgement $by): ?Finding
    {
        $form = $dressing->spot->form();
        $shown = match ($form) {
            Form::Run => $dressing->placed,
            Form::Cone => $dressing->heights()->trimmings(),
            default => $dressing->shown(),
        };
        if (\count($shown) < self::FROM || !$by->look->isChosen()) {
            return null;
        }
        $middle = $dressing->spot->middle();
        $seen = [];
        foreach ($shown as $placed) {
            $fit = $by->meter->fit($placed->piece);
            if (FitVerdict::Outside !== $fit->verdict && \in_array($by->look->ribbons[$fit->ribbon]->role, [RibbonRole::Accent, RibbonRole::Metal], true)) {
                $side = $placed->right <= $middle ? 'left' : ($placed->left >= $middle ? 'right' : 'middle');
                $seen[$fit->ribbon][Form::Cone === $form ? $placed->tier : $side] = $placed;
            }
        }
        if ([] === $seen) {
            return null;
        }
        $faults = [];
        foreach ($seen as $ribbon => $sides) {
            if (1 === \count($sides) && !isset($sides['middle'])) {
                $faults[] = Fault::of(
                    Form::Cone === $form ? 'one band only' : 'one side only',
                    ['ribbon' => $by->look->ribbons[$ribbon]->name, 'side' => array_key_first($sides)],
                    ...array_values($sides),
                );
            }
        }

        return new Finding(
            Check::Echo,
            [] === $faults ? Verdict::Good : Verdict::LookAgain,
            ['ribbons' => \count($seen), 'onTree' => Form::Cone === $form ? 1 : 0],
            $faults,
        );
    }
}
