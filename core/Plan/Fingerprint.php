<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Plan;

use BrightCupboard\Core\Coach\Dressing;

/** Short text of what a day is worked out from; what was worked out from another one is out of date. */
final readonly class Fingerprint
{
    /**
     * Changes with a decision, the units at a spot of the plan, dips, sides in front and heights on a wall, and not when something is only shifted.
     *
     * @param array<string, Dressing> $dressed all spots of the plan
     */
    public static function of(Plan $plan, array $dressed): string
    {
        $choices = array_map(static fn(Choice $choice): string => $choice->value, $plan->choices);
        $placed = $plan->placed;
        ksort($choices);
        ksort($placed);
        foreach ($placed as $id => $spots) {
            ksort($placed[$id]);
        }

        $hangsAt = self::heightsOnWalls($dressed);
        $how = [];
        foreach ($plan->places as $place) {
            $at = $hangsAt[$place->id] ?? null;
            if ($place->stance->dips > 0 || null !== $place->stance->face || null !== $at) {
                $how[] = [$place->pieceId, $place->spotId, $place->stance->dips, $place->stance->face, ...(null === $at ? [] : [$at])];
            }
        }
        sort($how);

        return sha1(json_encode([$choices, $placed, ...([] === $how ? [] : [$how])], \JSON_THROW_ON_ERROR));
    }

    /**
     * @param array<string, Dressing> $dressed
     *
     * @return array<string, int> by place; without what is on no wall
     */
    private static function heightsOnWalls(array $dressed): array
    {
        $heights = [];
        foreach ($dressed as $dressing) {
            foreach (array_filter($dressing->placed, $dressing->isOnWall(...)) as $one) {
                $heights[$one->id] = $one->raise;
            }
        }

        return $heights;
    }
}
