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
use BrightCupboard\Core\Stock\Hazard;
use BrightCupboard\Core\Surface\Form;

/**
 * A lead runs down at an end or behind something taller, and never over a table that people sit at (common practice; docs/rules.md,
 * rule 22).
 */
final readonly class CordHidden implements CoachRule
{
    private const AT_END = 6 * Length::TENTHS_PER_INCH;
    private const BESIDE = 3 * Length::TENTHS_PER_INCH;

    public function isAbout(): Check
    {
        return Check::Cords;
    }

    public function check(Dressing $dressing, Judgement $by): ?Finding
    {
        $corded = array_values(array_filter($dressing->placed, $this->hasCord(...)));
        if ([] === $corded) {
            return null;
        }
        $faults = [];
        foreach ($corded as $one) {
            if (Form::Table === $dressing->spot->form() && $dressing->spot->layout->seats > 0) {
                $faults[] = Fault::of('across the table', [], $one);
            } elseif (!$this->isHidden($one, $dressing)) {
                $faults[] = Fault::of('in sight', [], $one);
            }
        }

        return new Finding(Check::Cords, [] === $faults ? Verdict::Good : Verdict::LookAgain, ['faults' => \count($faults)], $faults);
    }

    /** What is wound into greenery has its lead in it. */
    private function hasCord(PlacedPiece $one): bool
    {
        return $one->isSolid() && ($one->piece->kind->facts()->hasCord() || \in_array(Hazard::Mains, $one->piece->hazards, true));
    }

    private function isHidden(PlacedPiece $one, Dressing $dressing): bool
    {
        if (min($one->left, $dressing->spot->width->tenths() - $one->right) <= self::AT_END) {
            return true;
        }
        foreach ($dressing->placed as $other) {
            $gap = max($other->left - $one->right, $one->left - $other->right);
            $isBeside = $other->isSolid() && !$dressing->hangsDown($other) && $other->tier === $one->tier && $gap <= self::BESIDE;
            if ($isBeside && !$this->hasCord($other) && $other->top > $one->top) {
                return true;
            }
        }

        return false;
    }
}
