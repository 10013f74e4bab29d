<?php

declare(strict_types=1);

namespace App\Controller\House;

use App\Entity\Room;
use App\UseCase\House\RestoreThing;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

#[AsController]
final readonly class RestoreRoomController
{
    public function __construct(private RestoreThing $restore) {}

    #[Route('/api/homes/{home}/rooms/{room}/restore', methods: ['POST'])]
    public function __invoke(Room $room): void
    {
        ($this->restore)($room);
    }
}
