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
use BrightCupboard\Core\Surface\Spot;

/** A tree is trimmed all the way up: from five pieces on no band stays bare (common practice; docs/rules.md, rule 19). */
final readonly class EvenBands implements CoachRule
{
    private const FROM = 5;

    public function isAbout(): Check
    {
        return Check::Bands;
    }

    public function check(Dressing $dressing, Judgement $by): ?Finding
    {
        $bands = array_fill(0, Spot::BANDS, 0);
        foreach ($dressing->heights()->trimmings() as $placed) {
            $bands[min($placed->tier, Spot::BANDS - 1)] += $placed->count;
        }
        if (array_sum($bands) < self::FROM) {
            return null;
        }
        $bare = array_keys($bands, 0, true);

        return new Finding(
            Check::Bands,
            [] === $bare ? Verdict::Good : Verdict::LookAgain,
            ['bands' => array_values($bands)],
            array_map(static fn(int $band): Fault => Fault::of('bare band', ['band' => $band + 1]), $bare),
        );
    }
}
