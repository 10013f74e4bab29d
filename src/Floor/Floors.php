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
     * @param list<Furniture>              $furniture of a room
     * @param array<string, FurniturePlan> $plans     none for how it is now
     *
     * @return array<string, array{CoreFurniture, FloorPlace}> by id
     */
    public static function standing(array $furniture, array $plans = []): array
    {
        $standing = [];
        foreach ($furniture as $one) {
            $standing[$one->id()] = [$one->furniture(), ($plans[$one->id()] ?? $one)->place()];
        }

        return $standing;
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
