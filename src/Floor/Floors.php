<?php

declare(strict_types=1);

namespace App\Floor;

use App\Entity\Floor;
use App\Entity\Furniture;
use App\Entity\FurniturePlan;
use App\Entity\Room;
use App\Entity\Swap;
use BrightCupboard\Core\Floor\FloorPlace;
use BrightCupboard\Core\Floor\Furniture as CoreFurniture;
use BrightCupboard\Core\Floor\Rearrangement;
use Doctrine\ORM\EntityManagerInterface;

/** The floors of a home, how they are and how a swap wants them. */
final readonly class Floors
{
    public function __construct(private EntityManagerInterface $entities) {}

    /** Null while nobody has measured it. */
    public function of(Room $room): ?Floor
    {
        return $this->entities->getRepository(Floor::class)->findOneBy(['room' => $room]);
    }

    /** @return list<Furniture> by name */
    public function furniture(Room $room): array
    {
        return array_values($this->entities->getRepository(Furniture::class)->findBy(['room' => $room], ['name' => 'ASC', 'id' => 'ASC']));
    }

    /** @return array<string, FurniturePlan> by id of the furniture */
    public function plans(Swap $swap): array
    {
        $plans = [];
        foreach ($this->entities->getRepository(FurniturePlan::class)->findBy(['swap' => $swap]) as $plan) {
            $plans[$plan->furniture()->id()] = $plan;
        }

        return $plans;
    }

    /**
     * @param array<string, FurniturePlan> $plans none for how it is now
     *
     * @return array<string, array{CoreFurniture, FloorPlace}> by id
     */
    public function standing(Room $room, array $plans = []): array
    {
        $standing = [];
        foreach ($this->furniture($room) as $one) {
            $standing[$one->id()] = [$one->furniture(), ($plans[$one->id()] ?? $one)->place()];
        }

        return $standing;
    }

    /** @return array<string, array{Room, Rearrangement}> by id of the room, where something is to be moved */
    public function rearranged(Swap $swap): array
    {
        $plans = $this->plans($swap);
        $rearranged = [];
        foreach ($plans as $plan) {
            $room = $plan->furniture()->room();
            if (!isset($rearranged[$room->id()]) && !$room->isRemoved()) {
                $rearrangement = Rearrangement::of($this->standing($room), $this->standing($room, $plans));
                $rearranged[$room->id()] = [$room, $rearrangement];
            }
        }

        return array_filter($rearranged, static fn(array $one): bool => [] !== $one[1]->moves);
    }

    /** What a day sheet was worked out from, of the floors; empty where no furniture is planned elsewhere. */
    public function fingerprint(Swap $swap): string
    {
        $places = array_map(
            static fn(FurniturePlan $plan): array => [$plan->place()->left->tenths(), $plan->place()->top->tenths(), $plan->place()->turns],
            $this->plans($swap),
        );
        ksort($places);

        return [] === $places ? '' : json_encode($places, \JSON_THROW_ON_ERROR);
    }

    /** The furniture of a room is where the swap wants it, or back where it was. */
    public function move(Swap $swap, string $roomId, bool $isDone): void
    {
        foreach ($this->plans($swap) as $plan) {
            if ($plan->furniture()->room()->id() === $roomId && $plan->isDone() !== $isDone) {
                $isDone ? $plan->done() : $plan->undone();
            }
        }
    }
}
