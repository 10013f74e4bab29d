<?php

declare(strict_types=1);

namespace App\Controller\House;

use App\Entity\Home;
use App\UseCase\House\ReadHouse;
use App\View\House\HouseView;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

#[AsController]
final readonly class ReadHouseController
{
    public function __construct(private ReadHouse $read) {}

    #[Route('/api/homes/{home}/house', methods: ['GET'])]
    public function __invoke(Home $home): HouseView
    {
        return ($this->read)($home);
    }
}
