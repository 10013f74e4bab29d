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
use BrightCupboard\Core\Stock\Piece;
use BrightCupboard\Core\Stock\Texture;
use BrightCupboard\Core\Surface\SpotHazard;

/**
 * What weighs more than 10 lb is not hung from a simple hook: it wants two fixings in the wall itself, rated for three times as
 * much (memory). Over a bed nothing breakable and nothing of 5 lb hangs (common practice; docs/rules.md, rule 25).
 */
final readonly class HookLoad implements CoachRule
{
    private const MOST_GRAMS = 4536;
    private const MOST_OVER_BED = 2268;

    public function isAbout(): Check
    {
        return Check::Hooks;
    }

    public function check(Dressing $dressing, Judgement $by): ?Finding
    {
        $hung = array_values(
            array_filter($dressing->placed, static fn(PlacedPiece $one): bool => $dressing->isOnWall($one) && $one->piece->weight->grams() > 0),
        );
        if ([] === $hung) {
            return null;
        }
        $isOverBed = $dressing->spot->has(SpotHazard::Bed);
        $faults = [];
        foreach ($hung as $one) {
            $grams = $one->piece->weight->grams();
            if ($isOverBed && ($grams > self::MOST_OVER_BED || self::isOfGlass($one->piece))) {
                $faults[] = Fault::of('over a bed', ['grams' => $grams], $one);
            } elseif ($grams > self::MOST_GRAMS) {
                $faults[] = Fault::of('heavy', ['grams' => $grams], $one);
            }
        }

        return new Finding(
            Check::Hooks,
            [] === $faults ? Verdict::Good : Verdict::LookAgain,
            [
                'grams' => max(array_map(static fn(PlacedPiece $one): int => $one->piece->weight->grams(), $hung)),
                'most' => $isOverBed ? self::MOST_OVER_BED : self::MOST_GRAMS,
            ],
            $faults,
        );
    }

    private static function isOfGlass(Piece $piece): bool
    {
        return $piece->isBreakable() || $piece->isOf(Texture::Glass);
    }
}
