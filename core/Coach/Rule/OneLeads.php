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
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Surface\Form;

/**
 * From three pieces on, one leads: the heaviest to look at weighs at least a fifth more than the next; a tree is led by what is on its tip
 * (docs/rules.md, rule 17). A wall of one kind of thing, plates or prints, has none on purpose.
 */
final readonly class OneLeads implements CoachRule
{
    private const LEAD = 1.2;
    private const FROM = 3;
    private const TOPPED_FROM = 5;
    /** Of the height of its tree. */
    private const TOPPER_MOST = 0.25;

    public function isAbout(): Check
    {
        return Check::Focal;
    }

    public function check(Dressing $dressing, Judgement $by): ?Finding
    {
        if (Form::Cone === $dressing->spot->form()) {
            return $this->topped($dressing);
        }
        $shown = $dressing->inFront($dressing->shown());
        if (\count($shown) < self::FROM || $dressing->isRow($shown) || self::isOfOneKind($dressing)) {
            return null;
        }
        $weights = array_map(static fn(PlacedPiece $one): float => $one->visualWeight(), $shown);
        $ids = array_map(static fn(PlacedPiece $one): string => $one->id, $shown);
        array_multisort($weights, \SORT_DESC, \SORT_NUMERIC, $ids, \SORT_ASC, \SORT_STRING, $shown);
        $isGood = $weights[0] >= self::LEAD * $weights[1] || $shown[0]->piece === $shown[1]->piece;

        return new Finding(
            Check::Focal,
            $isGood ? Verdict::Good : Verdict::LookAgain,
            ['lead' => $shown[0]->piece->name],
            $isGood ? [] : [Fault::of('alike in weight', [], $shown[0], $shown[1])],
        );
    }

    private function topped(Dressing $dressing): ?Finding
    {
        $trimmings = $dressing->heights()->trimmings();
        if (null === $dressing->tree() || Dressing::units($trimmings) < self::TOPPED_FROM) {
            return null;
        }
        foreach ($trimmings as $one) {
            if ($dressing->heights()->isTopper($one)) {
                $isLarge = $one->height > self::TOPPER_MOST * $dressing->tree()->height;

                return new Finding(
                    Check::Focal,
                    $isLarge ? Verdict::LookAgain : Verdict::Good,
                    ['lead' => $one->piece->name],
                    $isLarge ? [Fault::of('large topper', ['least' => Length::ofTenths(intdiv($dressing->tree()->height, 6))], $one)] : [],
                );
            }
        }

        return new Finding(Check::Focal, Verdict::LookAgain, ['lead' => ''], [Fault::of('no topper', [], $dressing->tree())]);
    }

    private static function isOfOneKind(Dressing $dressing): bool
    {
        $kinds = array_unique(array_map(static fn(PlacedPiece $one): string => $one->piece->kind->value, $dressing->hung()));

        return Form::Panel === $dressing->spot->form() && 1 === \count($kinds);
    }
}
