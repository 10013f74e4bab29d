<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Plan;

use BrightCupboard\Core\Surface\Spot;

/**
 * The plan of a strike: every spot becomes again what it was before, as far as that is still there; what has come since rests.
 *
 * What stood before and stands still stays; nothing that was never out is touched. So nothing has to be entered twice.
 */
final readonly class WayBack
{
    /**
     * @param Plan                $plan   of the swap that strikes, nothing decided or placed in it yet
     * @param list<PlannedPlace>  $before how the spots were dressed before
     * @param \Closure(): string  $newId  gives places their ids
     */
    public static function of(Plan $plan, array $before, \Closure $newId): PlanChange
    {
        $change = new PlanChange();
        foreach ($before as $place) {
            $spot = $plan->spots[$place->spotId] ?? null;
            $count = null !== $spot && isset($plan->stock[$place->pieceId]) ? min($place->count, $plan->free($place->pieceId)) : 0;
            if (!$spot instanceof Spot || $count < 1) {
                continue;
            }
            $put = $plan->place($newId(), $place->pieceId, $spot, $count, $place->stance);
            $plan = $plan->with($put);
            $change = $change->and($put);
        }
        foreach (array_keys($plan->stock) as $piece) {
            if (null !== $plan->spotNow($piece) && !isset($plan->placed[$piece])) {
                $rest = $plan->decide($piece, Choice::Rest, $newId);
                $plan = $plan->with($rest);
                $change = $change->and($rest);
            }
        }

        return $change;
    }
}
