<?php

declare(strict_types=1);

namespace App\Rooms;

use App\Entity\Spot;
use App\Entity\Swap;
use App\Swaps\Plans;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

#[AsController]
final readonly class ReadDressing
{
    public function __construct(private Plans $plans, private Dressings $dressings) {}

    #[Route('/api/homes/{home}/swaps/{swap}/spots/{spot}', methods: ['GET'])]
    public function __invoke(Swap $swap, Spot $spot): DressingAnswer
    {
        return $this->dressings->answer($this->plans->ofPlanned($swap), $spot);
    }
}
