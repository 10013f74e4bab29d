<?php

declare(strict_types=1);

namespace App\Floor;

use App\Entity\Furniture;
use App\Entity\FurniturePlan;
use App\Journal\Journal;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

/** A piece of furniture is in the room no more. */
#[AsController]
final readonly class RemoveFurniture
{
    public function __construct(private EntityManagerInterface $entities, private Journal $journal) {}

    #[Route('/api/homes/{home}/furniture/{furniture}', methods: ['DELETE'])]
    public function __invoke(Furniture $furniture): void
    {
        foreach ($this->entities->getRepository(FurniturePlan::class)->findBy(['furniture' => $furniture]) as $plan) {
            $this->entities->remove($plan);
        }
        $this->entities->remove($furniture);
        $this->journal->say(sprintf('%s is out of %s', $furniture->name(), $furniture->room()->name()));
        $this->entities->flush();
    }
}
