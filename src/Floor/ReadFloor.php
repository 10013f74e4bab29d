<?php

declare(strict_types=1);

namespace App\Floor;

use App\Entity\Furniture;
use App\Entity\Room;
use App\Entity\Swap;
use BrightCupboard\Core\Floor\FloorFinding;
use BrightCupboard\Core\Floor\FloorPlan;
use BrightCupboard\Core\Floor\Rearrangement;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

#[AsController]
final readonly class ReadFloor
{
    public function __construct(private Floors $floors) {}

    #[Route('/api/homes/{home}/swaps/{swap}/floors/{room}', methods: ['GET'])]
    public function __invoke(Swap $swap, Room $room): FloorAnswer
    {
        $floor = $this->floors->of($room);
        [$furniture, $plans] = [$this->floors->furniture($room), $this->floors->plans($swap)];
        [$now, $then] = [Floors::standing($furniture), Floors::standing($furniture, $plans)];
        $words = new FloorWords($swap->home()->lengths());
        $names = array_map(static fn(array $one): string => $one[0]->name, $now);
        $said = static fn(array $standing): array => null === $floor
            ? []
            : array_map(static fn(FloorFinding $one): string => $words->sentence($one, $names), (new FloorPlan($floor->floor(), $standing))->lookOver());
        $rearrangement = Rearrangement::of($now, $then);

        return new FloorAnswer(
            $room->id(),
            $floor?->floor()->width->tenths(),
            $floor?->floor()->depth->tenths(),
            array_map(OpeningAnswer::of(...), $floor?->floor()->openings ?? []),
            array_map(static fn(Furniture $one): FurnitureAnswer => FurnitureAnswer::of($one, $then[$one->id()][1]), $furniture),
            $said($now),
            $said($then),
            array_map(static fn(array $move): string => $words->step(...$move), $rearrangement->moves),
            $rearrangement->minutes(),
            $rearrangement->isForTwo(),
            $floor?->version() ?? 0,
        );
    }
}
