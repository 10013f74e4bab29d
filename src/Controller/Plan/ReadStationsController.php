<?php

declare(strict_types=1);

namespace App\Controller\Plan;

use App\Entity\Swap;
use App\UseCase\Plan\ReadStations;
use App\View\Plan\StationsView;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

#[AsController]
final readonly class ReadStationsController
{
    public function __construct(private ReadStations $read) {}

    #[Route('/api/homes/{home}/swaps/{swap}/stations', methods: ['GET'])]
    public function __invoke(Swap $swap): StationsView
    {
        return ($this->read)($swap);
    }
}
