<?php

declare(strict_types=1);

namespace App\Controller\House;

use App\Entity\Tote;
use App\UseCase\House\RemoveThing;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

#[AsController]
final readonly class RemoveToteController
{
    public function __construct(private RemoveThing $remove) {}

    #[Route('/api/homes/{home}/totes/{tote}', methods: ['DELETE'])]
    public function __invoke(Tote $tote): void
    {
        ($this->remove)($tote);
    }
}
