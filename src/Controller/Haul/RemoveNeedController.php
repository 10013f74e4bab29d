<?php

declare(strict_types=1);

namespace App\Controller\Haul;

use App\Entity\Need;
use App\UseCase\House\RemoveThing;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

#[AsController]
final readonly class RemoveNeedController
{
    public function __construct(private RemoveThing $remove) {}

    #[Route('/api/homes/{home}/needs/{need}', methods: ['DELETE'])]
    public function __invoke(Need $need): void
    {
        ($this->remove)($need);
    }
}
