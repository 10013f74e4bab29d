<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Plan;

use BrightCupboard\Core\Coach\PlaceFinder;
use BrightCupboard\Core\Coach\PlaceSought;

/** What a decision on a piece does to its places, and what a place decides about its piece. */
final readonly class Deciding
{
    /** @param array<string, PlannedPlace> $stood how things were placed when they came to stand where they are, by "piece spot" */
    public function __construct(private Plan $plan, private array $stood) {}

    /** @return array<string, Choice> what placing a piece at a spot decides, unless it is decided to be out already */
    public static function byPlacing(Plan $plan, string $pieceId, string $spotId): array
    {
        $choice = $plan->choice($pieceId);
        if (null !== $choice && Choice::Rest !== $choice && Choice::Part !== $choice) {
            return [];
        }

        return [$pieceId => match ($plan->spotNow($pieceId)) {
            null => Choice::Bring,
            $spotId => Choice::Stay,
            default => Choice::Move,
        }];
    }

    /**
     * @param \Closure(): string $newId gives places their ids
     *
     * @throws InvalidPlan when it is to rest or to go and is planned where it does not stand yet
     */
    public function change(string $pieceId, ?Choice $choice, \Closure $newId): PlanChange
    {
        $standing = $this->plan->standing($pieceId);
        $planned = array_filter($this->plan->places, static fn(PlannedPlace $place): bool => $place->pieceId === $pieceId);
        $elsewhere = array_filter($planned, static fn(PlannedPlace $place): bool => !isset($standing[$place->spotId]));
        if ([] !== $elsewhere && (Choice::Rest === $choice || Choice::Part === $choice)) {
            $spot = $this->plan->spots[reset($elsewhere)->spotId] ?? null;
            throw InvalidPlan::plannedElsewhere($this->plan->stock[$pieceId]->name, $spot->name ?? 'a spot', $choice);
        }

        return match ($choice) {
            Choice::Stay => new PlanChange([$pieceId => $choice], $this->whereTheyStand($pieceId, $standing, $newId)),
            Choice::Move => new PlanChange([$pieceId => $choice]),
            default => new PlanChange([$pieceId => $choice], [], [], array_values(array_diff_key($planned, $elsewhere))),
        };
    }

    /**
     * @param array<string, int> $standing spot id => units
     * @param \Closure(): string $newId
     *
     * @return list<PlannedPlace>
     */
    private function whereTheyStand(string $pieceId, array $standing, \Closure $newId): array
    {
        $stood = [];
        foreach ($standing as $spotId => $units) {
            if (!isset($this->plan->spots[$spotId]) || isset($this->plan->placed[$pieceId][$spotId])) {
                continue;
            }
            $before = $this->stood[$pieceId . ' ' . $spotId] ?? null;
            $stance = $before->stance ?? (new PlaceFinder())->anywhere(
                $this->plan->dressing($this->plan->spots[$spotId]),
                $this->plan->stock[$pieceId],
                $units,
                new PlaceSought(),
            );
            $stood[] = new PlannedPlace($newId(), $pieceId, $spotId, $units, $stance);
        }

        return $stood;
    }
}
