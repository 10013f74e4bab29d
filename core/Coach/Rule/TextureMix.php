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

/** Four pieces or more want three families of texture (docs/rules.md, rule 9). */
final readonly class TextureMix implements CoachRule
{
    private const FROM_PIECES = 4;
    private const WANTED = 3;

    public function isAbout(): Check
    {
        return Check::Textures;
    }

    public function check(Dressing $dressing, Judgement $by): ?Finding
    {
        if (\count($dressing->placed) < self::FROM_PIECES || $dressing->isRow($dressing->standing())) {
            return null;
        }
        $families = [];
        foreach ($dressing->placed as $placed) {
            foreach ($placed->piece->textures() as $texture) {
                $families[$texture->value] = $texture->value;
            }
        }
        $isGood = \count($families) >= self::WANTED;

        return new Finding(
            Check::Textures,
            $isGood ? Verdict::Good : Verdict::LookAgain,
            ['families' => array_values($families), 'wanted' => self::WANTED],
            $isGood ? [] : [Fault::of('alike in texture', [])],
        );
    }
}
