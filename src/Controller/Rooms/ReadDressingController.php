<?php

declare(strict_types=1);

namespace App\Controller\Rooms;

use App\Entity\Spot;
use App\Entity\Swap;
use App\UseCase\Rooms\ReadDressing;
use App\View\Rooms\DressingView;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

#[AsController]
final readonly class ReadDressingController
{
    public function __construct(private ReadDressing $read) {}

    #[Route('/api/homes/{home}/swaps/{swap}/spots/{spot}', methods: ['GET'])]
    public function __invoke(Swap $swap, Spot $spot): DressingView
    {
        return ($this->read)($swap, $spot);
    }
}
