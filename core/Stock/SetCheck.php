<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Stock;

/** Gathers sets by their name, whatever its case, and counts what is at hand of each. */
final readonly class SetCheck
{
    private const AWAY = [PlaceKind::Lent, PlaceKind::Lost, PlaceKind::Parted];

    /**
     * @param array<string, PieceSet> $sets by piece id
     *
     * @return list<SetState> by name
     */
    public function states(array $sets, Whereabouts $now): array
    {
        $groups = [];
        foreach ($sets as $piece => $set) {
            $key = mb_strtolower($set->name);
            $groups[$key] ??= ['name' => $set->name, 'of' => $set->of, 'have' => 0, 'pieces' => []];
            $groups[$key]['of'] = max($groups[$key]['of'], $set->of);
            $groups[$key]['have'] += $this->atHand($now->of($piece));
            $groups[$key]['pieces'][] = $piece;
        }
        ksort($groups);

        return array_values(array_map(
            static fn(array $group): SetState => new SetState($group['name'], $group['of'], $group['have'], $group['pieces']),
            $groups,
        ));
    }

    /** @param array<string, int> $places */
    private function atHand(array $places): int
    {
        $units = 0;
        foreach ($places as $key => $count) {
            $units += \in_array(Place::ofKey($key)->kind, self::AWAY, true) ? 0 : $count;
        }

        return $units;
    }
}
