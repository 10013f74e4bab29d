<?php

declare(strict_types=1);

namespace App\Floor;

use App\Entity\Furniture;
use App\Entity\FurniturePlan;
use App\Entity\Swap;
use App\Http\Body;
use App\Http\Conflict;
use App\Journal\Journal;
use BrightCupboard\Core\Floor\FloorPlace;
use BrightCupboard\Core\Measure\Length;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

/** Says where furniture stands now, or where it is to stand in a swap. */
#[AsController]
final readonly class PlaceFurniture
{
    public function __construct(private EntityManagerInterface $entities, private Floors $floors, private Journal $journal) {}

    #[Route('/api/homes/{home}/furniture/{furniture}/place', name: 'placeFurniture', methods: ['PUT'])]
    #[Route('/api/homes/{home}/swaps/{swap}/furniture/{furniture}/place', name: 'planFurniture', methods: ['PUT'])]
    public function __invoke(?Swap $swap, Furniture $furniture, #[Body] FloorPlaceInput $input): void
    {
        $place = new FloorPlace(Length::ofTenths($input->left), Length::ofTenths($input->far), $input->turns);
        null === $swap ? $furniture->stand($place) : $this->plan($swap, $furniture, $place);
        $this->journal->say(sprintf(null === $swap ? '%s stands elsewhere' : '%s is planned elsewhere', $furniture->name()));
        $this->entities->flush();
    }

    private function plan(Swap $swap, Furniture $furniture, FloorPlace $place): void
    {
        $plan = $this->floors->plans($swap)[$furniture->id()] ?? new FurniturePlan($swap, $furniture);
        if ($plan->isDone()) {
            throw new Conflict(sprintf('%s was moved on the day already. Take that tick back first, or say where it stands now.', $furniture->name()));
        }
        $plan->stand($place);
        $place->equals($furniture->place()) ? $this->entities->remove($plan) : $this->entities->persist($plan);
    }
}
