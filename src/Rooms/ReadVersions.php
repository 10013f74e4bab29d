<?php

declare(strict_types=1);

namespace App\Rooms;

use App\Entity\Spot;
use App\Entity\Swap;
use App\Swaps\Plans;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

/** The versions of a spot beside the plan. */
#[AsController]
final readonly class ReadVersions
{
    public function __construct(private Plans $plans, private VersionReadings $readings) {}

    #[Route('/api/homes/{home}/swaps/{swap}/spots/{spot}/versions', methods: ['GET'])]
    public function __invoke(Swap $swap, Spot $spot): VersionsAnswer
    {
        return $this->readings->answer($this->plans->of($swap), $spot);
    }
}
