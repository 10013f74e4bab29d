<?php

declare(strict_types=1);

namespace App\Controller\Rooms;

use App\Entity\Swap;
use App\UseCase\Rooms\ReadRooms;
use App\View\Rooms\RoomsView;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

#[AsController]
final readonly class ReadRoomsController
{
    public function __construct(private ReadRooms $read) {}

    #[Route('/api/homes/{home}/swaps/{swap}/spots', methods: ['GET'])]
    public function __invoke(Swap $swap): RoomsView
    {
        return ($this->read)($swap);
    }
}
