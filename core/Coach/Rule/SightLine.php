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
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Stock\Texture;

/**
 * People who sit at a table see one another between 12 and 24 in over the top; there only what is slim or seen through may be
 * (from memory; docs/rules.md, rule 12).
 */
final readonly class SightLine implements CoachRule
{
    private const FROM = 12 * Length::TENTHS_PER_INCH;
    private const TO = 24 * Length::TENTHS_PER_INCH;
    private const SLIM = 4 * Length::TENTHS_PER_INCH;

    public function isAbout(): Check
    {
        return Check::Sight;
    }

    public function check(Dressing $dressing, Judgement $by): ?Finding
    {
        if (0 === $dressing->spot->layout->seats) {
            return null;
        }
        $faults = [];
        foreach ($dressing->standing() as $placed) {
            $isSlim = $placed->piece->size->width->tenths() <= self::SLIM;
            if (
                $placed->top > self::FROM
                && $placed->raise < self::TO
                && !$isSlim
                && !$placed->piece->kind->facts()->isSeeThrough()
                && !$placed->piece->isOf(Texture::Glass)
            ) {
                $faults[] = Fault::of('in the sight', ['top' => Length::ofTenths($placed->top)], $placed);
            }
        }

        return new Finding(
            Check::Sight,
            [] === $faults ? Verdict::Good : Verdict::LookAgain,
            ['from' => Length::ofTenths(self::FROM), 'to' => Length::ofTenths(self::TO), 'faults' => \count($faults)],
            $faults,
        );
    }
}
