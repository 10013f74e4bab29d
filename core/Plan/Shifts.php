<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Plan;

/** What stays at its spot and is to stand there otherwise than it stood. */
final readonly class Shifts
{
    /**
     * Where as many places of a piece are planned at a spot as it had there, they are compared one by one from board to board and from
     * left to right; where units come or go nobody can tell which of them is shifted.
     *
     * @param array<PlannedPlace> $former how things were placed when they came to stand where they are
     *
     * @return list<Shift> by spot, in the order of the plan
     */
    public static function of(Plan $plan, array $former): array
    {
        [$before, $after] = [self::staying($plan, $former), self::staying($plan, $plan->places)];
        $shifts = [];
        foreach ($after as $key => $places) {
            $stood = $before[$key] ?? [];
            if (self::counts($stood) !== self::counts($places)) {
                continue;
            }
            foreach ($places as $i => $place) {
                $piece = $plan->stock[$place->pieceId];
                $spot = $plan->spots[$place->spotId];
                $from = $stood[$i]->stance->on($spot, $piece->kind);
                $shift = new Shift($piece, $place->count, $place->spotId, $from, $place->stance->on($spot, $piece->kind));
                if ($shift->isSeen()) {
                    $shifts[] = $shift;
                }
            }
        }

        return $shifts;
    }

    /**
     * @param array<PlannedPlace> $places
     *
     * @return array<string, list<PlannedPlace>> by piece and spot, where some of it stands when the swap starts
     */
    private static function staying(Plan $plan, array $places): array
    {
        $staying = [];
        foreach ($places as $place) {
            if (isset($plan->stock[$place->pieceId], $plan->spots[$place->spotId], $plan->standing($place->pieceId)[$place->spotId])) {
                $staying[$place->spotId . ' ' . $place->pieceId][] = $place;
            }
        }
        foreach ($staying as $key => $list) {
            usort($list, static fn(PlannedPlace $a, PlannedPlace $b): int => [$a->stance->tier, $a->stance->left, $a->id]
                <=> [$b->stance->tier, $b->stance->left, $b->id]);
            $staying[$key] = $list;
        }

        return $staying;
    }

    /**
     * @param list<PlannedPlace> $places
     *
     * @return list<int>
     */
    private static function counts(array $places): array
    {
        return array_map(static fn(PlannedPlace $place): int => $place->count, $places);
    }
}
