<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Plan;

use BrightCupboard\Core\Surface\Spot;

/** Changes of a whole spot in one go: dressed as one of its versions, or what stands together spread. */
final readonly class Redressing
{
    public function __construct(private Plan $plan) {}

    /**
     * A spot dressed as one of its versions: what stands there comes off, and of the version what is still free is put.
     *
     * @param list<PlannedPlace> $places   of the version
     * @param \Closure(): string $newId   gives places their ids
     */
    public function asVersion(Spot $spot, array $places, \Closure $newId): PlanChange
    {
        $change = new PlanChange([], [], [], $this->plan->at($spot->id));
        $plan = $this->plan->with($change);
        foreach ($places as $place) {
            $count = min($place->count, isset($this->plan->stock[$place->pieceId]) ? $plan->free($place->pieceId) : 0);
            if ($count < 1) {
                continue;
            }
            $put = $plan->place($newId(), $place->pieceId, $spot, $count, $place->stance);
            $plan = $plan->with($put);
            $change = $change->and($put);
        }

        return $change;
    }

    /**
     * The same, with what is planned on other spots taken from there as far as the version lacks it.
     *
     * @param list<PlannedPlace> $places of the version
     * @param \Closure(): string $newId gives places their ids
     */
    public function bringing(Spot $spot, array $places, \Closure $newId): PlanChange
    {
        $change = $this->lackingFrom($spot, $places);

        return $change->and((new self($this->plan->with($change)))->asVersion($spot, $places, $newId));
    }

    /** @param list<PlannedPlace> $places */
    private function lackingFrom(Spot $spot, array $places): PlanChange
    {
        $lacking = [];
        foreach ($places as $place) {
            $lacking[$place->pieceId] = ($lacking[$place->pieceId] ?? 0) + $place->count;
        }
        foreach ($lacking as $piece => $wanted) {
            $here = $this->plan->placed[$piece][$spot->id] ?? 0;
            $lacking[$piece] = isset($this->plan->stock[$piece]) ? $wanted - $here - max(0, $this->plan->free($piece)) : 0;
        }
        $moved = $off = [];
        foreach ($this->plan->places as $place) {
            $lacks = $place->spotId === $spot->id ? 0 : $lacking[$place->pieceId] ?? 0;
            if ($lacks < 1) {
                continue;
            }
            if ($lacks >= $place->count) {
                $off[] = $place;
            } else {
                $moved[] = new PlannedPlace($place->id, $place->pieceId, $place->spotId, $place->count - $lacks, $place->stance, $place->version + 1);
            }
            $lacking[$place->pieceId] = max(0, $lacks - $place->count);
        }

        return new PlanChange([], [], $moved, $off);
    }

    /**
     * Units that stand together, each for itself, their gaps even over all of the spot that can be dressed.
     *
     * @param \Closure(): string $newId gives places their ids
     */
    public function spread(string $id, Spot $spot, \Closure $newId): PlanChange
    {
        $place = $this->plan->places[$id];
        $width = $this->plan->stock[$place->pieceId]->size->width->tenths();
        $gap = ($spot->to - $spot->from - $width * $place->count) / ($place->count + 1);
        $stood = [];
        for ($i = 0; $i < $place->count; ++$i) {
            $left = (int) round($spot->from + $gap + $i * ($width + $gap));
            $stood[] = new PlannedPlace($newId(), $place->pieceId, $place->spotId, 1, $place->stance->leftAt($left));
        }

        return new PlanChange([], $stood, [], [$place]);
    }
}
