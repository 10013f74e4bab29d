<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Plan;

/** Short text of what a day is worked out from; what was worked out from another one is out of date. */
final readonly class Fingerprint
{
    /** Changes whenever a decision, the units at a spot of the plan, dips or sides in front change, and not when something is only shifted. */
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
            if ($place->stance->dips > 0 || null !== $place->stance->face) {
                $how[] = [$place->pieceId, $place->spotId, $place->stance->dips, $place->stance->face];
            }
        }
        sort($how);

        return sha1(json_encode([$choices, $placed, ...([] === $how ? [] : [$how])], \JSON_THROW_ON_ERROR));
    }
}
