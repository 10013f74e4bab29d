<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Table;

use BrightCupboard\Core\Plan\Choice;
use BrightCupboard\Core\Plan\Fate;
use BrightCupboard\Core\Stock\PieceSet;

/**
 * Watches for the classic mistakes of the table: a hole where something was borrowed, a set torn apart, a piece that
 * is planned and also to part with, and things packed away before all were looked at.
 */
final readonly class TableGuards
{
    /**
     * @param array<string, Fate>     $fates by piece id
     * @param array<string, PieceSet> $sets  by piece id
     * @param array<string, string>   $spots names by id
     * @param bool                    $isPacking whether packing away has begun
     *
     * @return list<Guard>
     */
    public function watch(array $fates, array $sets, array $spots, bool $isPacking): array
    {
        return [
            ...$this->plannedAndParting($fates),
            ...$this->tornSets($fates, $sets),
            ...$this->holes($fates, $spots),
            ...$this->packedTooSoon($fates, $isPacking),
        ];
    }

    /**
     * @param array<string, Fate> $fates
     *
     * @return list<Guard>
     */
    private function plannedAndParting(array $fates): array
    {
        $both = array_filter($fates, static fn(Fate $fate): bool => Choice::Part === $fate->choice && [] !== $fate->placed);

        return [] === $both
            ? []
            : [new Guard('parting', sprintf('Planned for a spot and also to part with: %s.', $this->names($both)), array_map(strval(...), array_keys($both)))];
    }

    /**
     * @param array<string, Fate>     $fates
     * @param array<string, PieceSet> $sets
     *
     * @return list<Guard>
     */
    private function tornSets(array $fates, array $sets): array
    {
        $groups = [];
        foreach ($sets as $piece => $set) {
            if (isset($fates[$piece])) {
                $groups[mb_strtolower($set->name)][$piece] = $fates[$piece];
            }
        }
        $guards = [];
        foreach ($groups as $members) {
            $decided = array_filter($members, static fn(Fate $fate): bool => null !== $fate->choice || [] !== $fate->placed);
            $out = array_filter($decided, static fn(Fate $fate): bool => $fate->willBeOut());
            if ([] !== $out && \count($out) < \count($decided)) {
                $name = $sets[array_key_first($members)]->name;
                $guards[] = new Guard(
                    'set',
                    sprintf('The set “%s” would be torn apart: %s out, %s not.', $name, $this->names($out), $this->names(array_diff_key($decided, $out))),
                    array_map(strval(...), array_keys($members)),
                );
            }
        }

        return $guards;
    }

    /**
     * A spot that is dressed now, from which something is taken for another spot, and for which nothing is planned.
     *
     * @param array<string, Fate>   $fates
     * @param array<string, string> $spots
     *
     * @return list<Guard>
     */
    private function holes(array $fates, array $spots): array
    {
        $planned = $borrowed = [];
        foreach ($fates as $id => $fate) {
            foreach (array_keys($fate->placed) as $spot) {
                $planned[$spot] = true;
            }
            foreach ($fate->spotsNow as $spot) {
                $staysHere = isset($fate->placed[$spot]) || (null === $fate->choice && [] === $fate->placed);
                $planned[$spot] = ($planned[$spot] ?? false) || $staysHere;
                if (Choice::Move === $fate->choice || ([] !== $fate->placed && !isset($fate->placed[$spot]))) {
                    $borrowed[$spot][$id] = $fate;
                }
            }
        }
        $guards = [];
        foreach ($borrowed as $spot => $gone) {
            if (!($planned[$spot] ?? false)) {
                $guards[] = new Guard(
                    'hole',
                    sprintf('%s leaves a hole: nothing is planned for %s.', $this->names($gone), $spots[$spot] ?? 'the spot it came from'),
                    array_map(strval(...), array_keys($gone)),
                );
            }
        }

        return $guards;
    }

    /**
     * @param array<string, Fate> $fates
     *
     * @return list<Guard>
     */
    private function packedTooSoon(array $fates, bool $isPacking): array
    {
        $open = array_filter($fates, static fn(Fate $fate): bool => null === $fate->choice && [] === $fate->placed && [] !== $fate->spotsNow);

        return !$isPacking || [] === $open
            ? []
            : [new Guard(
                'packing',
                sprintf('Packing away has begun, and %d that are out have not been looked at: %s.', \count($open), $this->names($open)),
                array_map(strval(...), array_keys($open)),
            )];
    }

    /** @param array<string, Fate> $fates */
    private function names(array $fates): string
    {
        $names = array_map(static fn(Fate $fate): string => $fate->piece->name, array_values($fates));

        return implode(', ', \array_slice($names, 0, 3)) . (\count($names) > 3 ? sprintf(' and %d more', \count($names) - 3) : '');
    }
}
