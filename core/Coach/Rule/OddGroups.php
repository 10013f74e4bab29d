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

/** Odd numbers stand together; a gap of more than 3 in splits a group (common practice; docs/rules.md, rule 6). What stands in a row on purpose is exempt. */
final readonly class OddGroups implements CoachRule
{
    private const SPLIT = 3 * Length::TENTHS_PER_INCH;

    public function isAbout(): Check
    {
        return Check::Groups;
    }

    public function check(Dressing $dressing, Judgement $by): ?Finding
    {
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
