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

/** A place set for eating takes 15 in of the depth from each long side and of each end (common practice; docs/rules.md, rule 13). */
final readonly class SettingsFree implements CoachRule
{
    private const SETTING = 15 * Length::TENTHS_PER_INCH;
    /** Each place along a side takes 24 in; who does not find room there sits at an end. */
    private const SEAT = 24 * Length::TENTHS_PER_INCH;

    public function isAbout(): Check
    {
        return Check::Settings;
    }

    public function check(Dressing $dressing, Judgement $by): ?Finding
    {
        $spot = $dressing->spot;
        if (0 === $spot->layout->seats) {
            return null;
        }
        $strip = max(0, $spot->depth->tenths() - 2 * self::SETTING);
        $endsAreSet = $spot->layout->seats > 2 * intdiv($spot->width->tenths(), self::SEAT);
        [$from, $to] = $endsAreSet ? [self::SETTING, $spot->width->tenths() - self::SETTING] : [0, $spot->width->tenths()];
        $faults = [];
        foreach ($dressing->standing() as $placed) {
            if ($placed->depth > $strip) {
                $faults[] = Fault::of('deeper than the centre', ['by' => Length::ofTenths($placed->depth - $strip)], $placed);
            } elseif ($placed->left < $from || $placed->right > $to) {
                $faults[] = Fault::of('where somebody eats', [], $placed);
            }
        }

        return new Finding(
            Check::Settings,
            [] === $faults ? Verdict::Good : Verdict::LookAgain,
            ['strip' => Length::ofTenths($strip), 'seats' => $spot->layout->seats, 'faults' => \count($faults)],
            $faults,
        );
    }
}
