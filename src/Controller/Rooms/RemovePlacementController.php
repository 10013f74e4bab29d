<?php

declare(strict_types=1);

namespace App\Controller\Rooms;

use App\Entity\Placement;
use App\Entity\Swap;
use App\UseCase\Rooms\TakeOff;
use App\View\Rooms\DressingView;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

#[AsController]
final readonly class RemovePlacementController
{
    public function __construct(private TakeOff $takeOff) {}

    #[Route('/api/homes/{home}/swaps/{swap}/placements/{placement}', methods: ['DELETE'])]
    public function __invoke(Swap $swap, Placement $placement): DressingView
    {
        return ($this->takeOff)($swap, $placement);
    }
}
