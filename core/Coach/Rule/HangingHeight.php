<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Coach\Rule;

use BrightCupboard\Core\Coach\Check;
use BrightCupboard\Core\Coach\CoachRule;
use BrightCupboard\Core\Coach\Dressing;
use BrightCupboard\Core\Coach\Fault;
use BrightCupboard\Core\Coach\Finding;
use BrightCupboard\Core\Coach\HangingAim;
use BrightCupboard\Core\Coach\Judgement;
use BrightCupboard\Core\Coach\PlacedPiece;
use BrightCupboard\Core\Coach\Verdict;
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Surface\Form;
use BrightCupboard\Core\Surface\Spot;
use BrightCupboard\Core\Surface\SpotKind;

/**
 * What hangs has its middle 57 to 60 in from the floor, on a door up to 66, or begins 6 to 8 in over the furniture below, or
 * higher where that puts it over the sight line (common practice; docs/rules.md, rule 14). A group is taken as one.
 */
final readonly class HangingHeight implements CoachRule
{
    private const EYE = [57 * Length::TENTHS_PER_INCH, 60 * Length::TENTHS_PER_INCH];
    private const DOOR = [57 * Length::TENTHS_PER_INCH, 66 * Length::TENTHS_PER_INCH];
    private const OVER = [6 * Length::TENTHS_PER_INCH, 8 * Length::TENTHS_PER_INCH];
    private const NEARLY = 6 * Length::TENTHS_PER_INCH;

    /** Null where nothing hangs on a wall. */
    public static function aim(Spot $spot): ?HangingAim
    {
        $below = $spot->hungOver()?->tenths();

        return match (true) {
            null !== $below => new HangingAim($below + self::OVER[0], $below + self::OVER[1], true),
            Form::Panel !== $spot->form() => null,
            SpotKind::Wall !== $spot->kind => new HangingAim(self::DOOR[0], self::DOOR[1], false),
            default => new HangingAim(self::EYE[0], self::EYE[1], false),
        };
    }

    public function isAbout(): Check
    {
        return Check::HangingHeight;
    }

    public function check(Dressing $dressing, Judgement $by): ?Finding
    {
        $hung = $dressing->hung();
        $aim = self::aim($dressing->spot);
        if ([] === $hung || null === $aim) {
            return null;
        }
        $bottom = min(array_map(static fn(PlacedPiece $piece): int => $piece->raise, $hung)) + $dressing->spot->ledgeHeight->tenths();
        $top = max(array_map(static fn(PlacedPiece $piece): int => $piece->top, $hung)) + $dressing->spot->ledgeHeight->tenths();
        $below = $dressing->spot->hungOver()?->tenths() ?? 0;
        [$least, $most] = [$aim->least - $below, $aim->most - $below];
        $value = $aim->isOver ? $bottom - $below : intdiv($bottom + $top, 2);
        $off = $value < $least ? $value - $least : max(0, $value - $most);

        return new Finding(
            Check::HangingHeight,
            match (true) {
                0 === $off => Verdict::Good,
                abs($off) <= self::NEARLY => Verdict::LookAgain,
                default => Verdict::Fix,
            },
            ['at' => Length::ofTenths(max(0, $value)), 'least' => Length::ofTenths($least), 'most' => Length::ofTenths($most), 'over' => $aim->isOver ? 1 : 0],
            0 === $off ? [] : [Fault::of($off < 0 ? 'too low' : 'too high', ['by' => Length::ofTenths(abs($off))], ...$hung)],
        );
    }
}
