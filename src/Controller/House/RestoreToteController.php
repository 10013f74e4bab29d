<?php

declare(strict_types=1);

namespace App\Controller\House;

use App\Entity\Tote;
use App\UseCase\House\RestoreThing;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

#[AsController]
final readonly class RestoreToteController
{
    public function __construct(private RestoreThing $restore) {}

    #[Route('/api/homes/{home}/totes/{tote}/restore', methods: ['POST'])]
    public function __invoke(Tote $tote): void
    {
        ($this->restore)($tote);
    }
}
