<?php

declare(strict_types=1);

namespace App\Controller\House;

use App\Entity\Spot;
use App\UseCase\House\RemoveThing;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

#[AsController]
final readonly class RemoveSpotController
{
    public function __construct(private RemoveThing $remove) {}

    #[Route('/api/homes/{home}/spots/{spot}', methods: ['DELETE'])]
    public function __invoke(Spot $spot): void
    {
        ($this->remove)($spot);
    }
}
