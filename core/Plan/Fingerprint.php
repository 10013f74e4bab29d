<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Plan;

/** Short text of what a day is worked out from; what was worked out from another one is out of date. */
final readonly class Fingerprint
{
    /** Changes with a decision, the units at a spot of the plan, dips, sides in front and heights on a wall, and not when something is only shifted. */
    public static function of(Plan $plan): string
    {
        $choices = array_map(static fn(Choice $choice): string => $choice->value, $plan->choices);
        $placed = $plan->placed;
        ksort($choices);
        ksort($placed);
        foreach ($placed as $id => $spots) {
            ksort($placed[$id]);
        }

        $how = [];
        foreach ($plan->places as $place) {
            $hangsAt = self::hangsAt($plan, $place);
            if ($place->stance->dips > 0 || null !== $place->stance->face || null !== $hangsAt) {
                $how[] = [$place->pieceId, $place->spotId, $place->stance->dips, $place->stance->face, ...(null === $hangsAt ? [] : [$hangsAt])];
            }
        }
        sort($how);

        return sha1(json_encode([$choices, $placed, ...([] === $how ? [] : [$how])], \JSON_THROW_ON_ERROR));
    }

    /** Null for what is not on a wall. */
    private static function hangsAt(Plan $plan, PlannedPlace $place): ?int
    {
        $spot = $plan->spots[$place->spotId] ?? null;
        $piece = $plan->stock[$place->pieceId] ?? null;
        if (null === $spot || null === $piece) {
            return null;
        }
        $posture = $place->stance->posture ?? $spot->postureOf($piece->kind);

        return null !== $posture && $spot->isOnWall($piece->kind, $posture) ? $place->stance->raise : null;
    }
}
