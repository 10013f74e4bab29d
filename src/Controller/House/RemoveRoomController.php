<?php

declare(strict_types=1);

namespace App\Controller\House;

use App\Entity\Room;
use App\UseCase\House\RemoveThing;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

#[AsController]
final readonly class RemoveRoomController
{
    public function __construct(private RemoveThing $remove) {}

    #[Route('/api/homes/{home}/rooms/{room}', methods: ['DELETE'])]
    public function __invoke(Room $room): void
    {
        ($this->remove)($room);
    }
}
