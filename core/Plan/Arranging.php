<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Plan;

use BrightCupboard\Core\Surface\Spot;
use BrightCupboard\Core\Surface\Stance;

/** Puts several pieces of a spot otherwise at once, and keeps together what stands on one another. */
final readonly class Arranging
{
    public function __construct(private Plan $plan) {}

    /**
     * What is in the plan is moved, the rest comes to stand.
     *
     * @param list<PlannedPlace> $places those of the plan under their ids
     * @param list<string>       $off    ids of places that go
     *
     * @throws InvalidPlan when not so many are free
     */
    public function several(Spot $spot, array $places, array $off): PlanChange
    {
        $change = new PlanChange();
        $plan = $this->plan;
        foreach ($off as $id) {
            $step = $plan->takeOff($id);
            [$plan, $change] = [$plan->with($step), $change->and($step)];
        }
        foreach ($places as $place) {
            $before = $plan->places[$place->id] ?? null;
            $step = null === $before
                ? $plan->place($place->id, $place->pieceId, $spot, $place->count, $place->stance)
                : self::moved($plan, $spot, $before, $place);
            [$plan, $change] = [$plan->with($step), $change->and($step)];
        }

        return $change;
    }

    /**
     * What stands on a piece goes where it goes, and so does what it stands on.
     *
     * @return list<PlannedPlace>
     */
    public function broughtAlong(Spot $spot, PlannedPlace $place, Stance $to): array
    {
        $from = $place->stance;
        if ([$from->left, $from->layer, $from->tier] === [$to->left, $to->layer, $to->tier] || $from->raise !== $to->raise) {
            return [];
        }
        $along = [];
        foreach ($this->plan->dressing($spot)->carrying()->togetherWith($place->id) as $other) {
            $with = $this->plan->places[$other->id];
            $left = $other->left + $to->left - $from->left;
            $stance = new Stance($left, $to->layer, $other->raise, $to->tier, $with->stance->posture, $with->stance->dips, $with->stance->face);
            $along[] = new PlannedPlace($with->id, $with->pieceId, $with->spotId, $with->count, $stance, $with->version + 1);
        }

        return $along;
    }

    private static function moved(Plan $plan, Spot $spot, PlannedPlace $before, PlannedPlace $after): PlanChange
    {
        $plan->requireFree($before->pieceId, $after->count, $plan->free($before->pieceId) + $before->count);

        return new PlanChange([], [], [new PlannedPlace($before->id, $before->pieceId, $spot->id, $after->count, $after->stance, $before->version + 1)]);
    }
}
