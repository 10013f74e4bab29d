<?php

declare(strict_types=1);

namespace App\Controller\House;

use App\Entity\Home;
use App\Http\Body;
use App\Input\RoomInput;
use App\UseCase\House\KeepRoom;
use App\View\House\RoomView;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

#[AsController]
final readonly class AddRoomController
{
    public function __construct(private KeepRoom $keep) {}

    #[Route('/api/homes/{home}/rooms', methods: ['POST'], defaults: ['_status' => 201])]
    public function __invoke(Home $home, #[Body] RoomInput $input): RoomView
    {
        return ($this->keep)($home, null, $input);
    }
}
