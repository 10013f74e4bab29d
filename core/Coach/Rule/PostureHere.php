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
use BrightCupboard\Core\Stock\Posture;
use BrightCupboard\Core\Surface\Form;

/** Whether each piece is put as such a thing goes on such a spot, and has what it needs to be in or on (docs/rules.md, rule 11). */
final readonly class PostureHere implements CoachRule
{
    public function isAbout(): Check
    {
        return Check::Posture;
    }

    public function check(Dressing $dressing, Judgement $by): Finding
    {
        $faults = [];
        $isTree = Form::Cone === $dressing->spot->form();
        foreach ($dressing->placed as $placed) {
            if (!$dressing->spot->takes($placed->piece->kind, $placed->posture)) {
                $faults[] = Fault::of('not here', ['posture' => $placed->posture->value], $placed);
            } elseif (Posture::Fills === $placed->posture && null === $dressing->carrying()->host($placed)) {
                $faults[] = Fault::of('no vessel', [], $placed);
            } elseif (Posture::Stands === $placed->posture && $placed->piece->needsHolder()) {
                $faults[] = Fault::of('no holder', [], $placed);
            } elseif (Posture::Trims === $placed->posture && !$isTree && null === $dressing->carrying()->host($placed)) {
                $faults[] = Fault::of('nothing to trim', [], $placed);
            }
        }

        return new Finding(Check::Posture, [] === $faults ? Verdict::Good : Verdict::LookAgain, ['faults' => \count($faults)], $faults);
    }
}
