<?php

declare(strict_types=1);

namespace App\Controller\Day;

use App\Entity\Swap;
use App\UseCase\Day\ReadDay;
use App\View\Day\DayView;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

#[AsController]
final readonly class ReadDayController
{
    public function __construct(private ReadDay $read) {}

    #[Route('/api/homes/{home}/swaps/{swap}/day', methods: ['GET'])]
    public function __invoke(Swap $swap): DayView
    {
        return ($this->read)($swap);
    }
}
