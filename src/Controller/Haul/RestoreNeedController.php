<?php

declare(strict_types=1);

namespace App\Controller\Haul;

use App\Entity\Need;
use App\UseCase\House\RestoreThing;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

#[AsController]
final readonly class RestoreNeedController
{
    public function __construct(private RestoreThing $restore) {}

    #[Route('/api/homes/{home}/needs/{need}/restore', methods: ['POST'])]
    public function __invoke(Need $need): void
    {
        ($this->restore)($need);
    }
}
