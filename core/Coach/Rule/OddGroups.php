<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Coach\Rule;

use BrightCupboard\Core\Coach\CoachRule;
use BrightCupboard\Core\Coach\Dressing;
use BrightCupboard\Core\Coach\Finding;
use BrightCupboard\Core\Coach\Judgement;
use BrightCupboard\Core\Coach\PlacedPiece;
use BrightCupboard\Core\Coach\Verdict;
use BrightCupboard\Core\Measure\Length;

/** One, three or five together; a gap of more than 3 in splits a group (docs/rules.md, rule 6). */
final readonly class OddGroups implements CoachRule
{
    public const CODE = 'groups.odd';
    private const SPLIT = 3 * Length::TENTHS_PER_INCH;

    public function check(Dressing $dressing, Judgement $by): ?Finding
    {
        $standing = $dressing->standing();
        if ([] === $standing) {
            return null;
        }
        $counts = array_map(static fn(array $group): int => array_sum(array_map(static fn(PlacedPiece $piece): int => $piece->count, $group)), $this->groups($standing));
        $even = array_filter($counts, static fn(int $count): bool => 0 === $count % 2);

        return new Finding(
            self::CODE,
            'Odd groups',
            [] === $even ? Verdict::Good : Verdict::LookAgain,
            1 === \count($counts) ? sprintf('one group of %d', $counts[0]) : 'groups of ' . implode(', ', $counts),
            '1, 3 or 5 together',
            [] === $even ? 'Odd numbers sit easily.' : 'An even group looks counted: add one, take one away, or part it by more than ' . $by->lengths->write(Length::ofTenths(self::SPLIT)) . '.',
        );
    }

    /**
     * @param non-empty-list<PlacedPiece> $standing
     *
     * @return non-empty-list<list<PlacedPiece>>
     */
    private function groups(array $standing): array
    {
        usort($standing, static fn(PlacedPiece $a, PlacedPiece $b): int => [$a->left, $a->id] <=> [$b->left, $b->id]);
        $groups = [];
        $group = [];
        $reach = \PHP_INT_MIN;
        foreach ($standing as $piece) {
            if ([] !== $group && $piece->left - $reach > self::SPLIT) {
                $groups[] = $group;
                $group = [];
            }
            $group[] = $piece;
            $reach = max($reach, $piece->right);
        }

        return [...$groups, $group];
    }
}
