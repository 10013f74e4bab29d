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
use BrightCupboard\Core\Stock\Posture;

/**
 * What weighs more than 10 lb is not hung from a simple hook: it wants two fixings in the wall itself, rated for three times as
 * much (memory; docs/rules.md, rule 25).
 */
final readonly class HookLoad implements CoachRule
{
    private const MOST_GRAMS = 4536;

    public function isAbout(): Check
    {
        return Check::Hooks;
    }

    public function check(Dressing $dressing, Judgement $by): ?Finding
    {
        $hung = array_values(
            array_filter($dressing->placed, static fn(PlacedPiece $one): bool => Posture::Hangs === $one->posture && $one->piece->weight->grams() > 0),
        );
        if ([] === $hung) {
            return null;
        }
        $heavy = array_filter($hung, static fn(PlacedPiece $one): bool => $one->piece->weight->grams() > self::MOST_GRAMS);

        return new Finding(
            Check::Hooks,
            [] === $heavy ? Verdict::Good : Verdict::LookAgain,
            ['grams' => max(array_map(static fn(PlacedPiece $one): int => $one->piece->weight->grams(), $hung)), 'most' => self::MOST_GRAMS],
            array_values(array_map(static fn(PlacedPiece $one): Fault => Fault::of('heavy', ['grams' => $one->piece->weight->grams()], $one), $heavy)),
        );
    }
}
