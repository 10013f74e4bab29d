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
use BrightCupboard\Core\Stock\PieceKind;
use BrightCupboard\Core\Stock\Posture;
use BrightCupboard\Core\Surface\Form;

/** Odd numbers stand together; a gap of more than 3 in splits a group (common practice; docs/rules.md, rule 6). What stands in a row on purpose is exempt. */
final readonly class OddGroups implements CoachRule
{
    private const SPLIT = 3 * Length::TENTHS_PER_INCH;
    /** From here on cushions are gathered at one end, below they answer one another. */
    private const GATHERED = 0.45;

    public function isAbout(): Check
    {
        return Check::Groups;
    }

    public function check(Dressing $dressing, Judgement $by): ?Finding
    {
        $form = $dressing->spot->form();
        if (Form::Run === $form || Form::Seat === $form) {
            return $this->counted($dressing);
        }
        if (null !== $dressing->statement()) {
            return null;
        }
        $counts = $faults = [];
        foreach ($dressing->byTier() as $standing) {
            foreach ($dressing->isRow($standing) ? [] : $this->groups($dressing->inFront($standing)) as $group) {
                $counts[] = $count = Dressing::units($group);
                if (0 === $count % 2) {
                    $faults[] = Fault::of('even', ['count' => $count], ...$group);
                }
            }
        }

        return [] === $counts
            ? null
            : new Finding(
                Check::Groups,
                [] === $faults ? Verdict::Good : Verdict::LookAgain,
                ['counts' => $counts, 'split' => Length::ofTenths(self::SPLIT)],
                $faults,
            );
    }

    /** Bows along a rail are odd; so are cushions where they are gathered at one end, while mirrored ones go in pairs. */
    private function counted(Dressing $dressing): ?Finding
    {
        $isRun = Form::Run === $dressing->spot->form();
        $group = array_values(array_filter(
            $dressing->placed,
            static fn(PlacedPiece $one): bool => $isRun
                ? Posture::Trims === $one->posture && PieceKind::Ribbon === $one->piece->kind
                : Posture::Sits === $one->posture,
        ));
        $count = Dressing::units($group);
        if ($count < 2 || (!$isRun && $dressing->moments()->imbalance() < self::GATHERED)) {
            return null;
        }
        $isOdd = 1 === $count % 2;

        return new Finding(
            Check::Groups,
            $isOdd ? Verdict::Good : Verdict::LookAgain,
            ['counts' => [$count], 'split' => Length::ofTenths(self::SPLIT)],
            $isOdd ? [] : [Fault::of('even', ['count' => $count], ...$group)],
        );
    }

    /**
     * @param list<PlacedPiece> $standing
     *
     * @return list<list<PlacedPiece>>
     */
    private function groups(array $standing): array
    {
        usort($standing, static fn(PlacedPiece $a, PlacedPiece $b): int => [$a->left, $a->id] <=> [$b->left, $b->id]);
        $groups = $group = [];
        $reach = \PHP_INT_MIN;
        foreach ($standing as $piece) {
            if ([] !== $group && $piece->left - $reach > self::SPLIT) {
                $groups[] = $group;
                $group = [];
            }
            $group[] = $piece;
            $reach = max($reach, $piece->right);
        }

        return [] === $group ? $groups : [...$groups, $group];
    }
}
