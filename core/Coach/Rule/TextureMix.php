<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Coach\Rule;

use BrightCupboard\Core\Coach\CoachRule;
use BrightCupboard\Core\Coach\Dressing;
use BrightCupboard\Core\Coach\Finding;
use BrightCupboard\Core\Coach\Judgement;
use BrightCupboard\Core\Coach\Verdict;

/** Four pieces or more want three families of texture (docs/rules.md, rule 9). */
final readonly class TextureMix implements CoachRule
{
    public const CODE = 'textures.mix';
    private const FROM_PIECES = 4;
    private const WANTED = 3;

    public function check(Dressing $dressing, Judgement $by): ?Finding
    {
        if (\count($dressing->placed) < self::FROM_PIECES) {
            return null;
        }
        $families = [];
        foreach ($dressing->placed as $placed) {
            foreach ($placed->piece->textures() as $texture) {
                $families[$texture->value] = true;
            }
        }
        $isGood = \count($families) >= self::WANTED;

        return new Finding(
            self::CODE,
            'Texture mix',
            $isGood ? Verdict::Good : Verdict::LookAgain,
            \count($families) . ': ' . implode(', ', array_keys($families)),
            '3 families at least',
            $isGood ? 'Rough meets smooth.' : 'Next to something woven put something that reflects, and something with age.',
        );
    }
}
