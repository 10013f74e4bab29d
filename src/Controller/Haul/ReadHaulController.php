<?php

declare(strict_types=1);

namespace App\Controller\Haul;

use App\Entity\Swap;
use App\UseCase\Haul\ReadHaul;
use App\View\Haul\HaulView;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

#[AsController]
final readonly class ReadHaulController
{
    public function __construct(private ReadHaul $read) {}

    #[Route('/api/homes/{home}/swaps/{swap}/haul', methods: ['GET'])]
    public function __invoke(Swap $swap): HaulView
    {
        return ($this->read)($swap);
    }
}
