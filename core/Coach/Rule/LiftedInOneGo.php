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
use BrightCupboard\Core\Stock\PieceKind;
use BrightCupboard\Core\Surface\SpotKind;

/** What stands on a table that is used is lifted off in one go: three loose things at most, the rest on a tray (own number; docs/rules.md, rule 21). */
final readonly class LiftedInOneGo implements CoachRule
{
    private const MOST_LOOSE = 3;

    public function isAbout(): Check
    {
        return Check::Lift;
    }

    public function check(Dressing $dressing, Judgement $by): ?Finding
    {
        $standing = $dressing->standing();
        if ([] === $standing || (0 === $dressing->spot->layout->seats && SpotKind::LowTable !== $dressing->spot->kind)) {
            return null;
        }
        $trays = array_filter($dressing->placed, static fn(PlacedPiece $one): bool => PieceKind::Tray === $one->piece->kind);
        $loose = array_values(array_filter($standing, static function (PlacedPiece $one) use ($trays): bool {
            foreach ($trays as $tray) {
                if ($tray === $one || ($tray->left <= $one->centre && $one->centre <= $tray->right)) {
                    return false;
                }
            }

            return true;
        }));
        $isTooMuch = Dressing::units($loose) > self::MOST_LOOSE;

        return new Finding(
            Check::Lift,
            $isTooMuch ? Verdict::LookAgain : Verdict::Good,
            ['loose' => Dressing::units($loose), 'most' => self::MOST_LOOSE],
            $isTooMuch ? [Fault::of('loose', ['count' => Dressing::units($loose)], ...$loose)] : [],
        );
    }
}
