<?php

declare(strict_types=1);

namespace App\Controller\House;

use App\Entity\Spot;
use App\UseCase\House\RestoreThing;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

#[AsController]
final readonly class RestoreSpotController
{
    public function __construct(private RestoreThing $restore) {}

    #[Route('/api/homes/{home}/spots/{spot}/restore', methods: ['POST'])]
    public function __invoke(Spot $spot): void
    {
        ($this->restore)($spot);
    }
}
