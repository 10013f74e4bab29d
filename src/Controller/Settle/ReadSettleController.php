<?php

declare(strict_types=1);

namespace App\Controller\Settle;

use App\Entity\Swap;
use App\UseCase\Settle\ReadSettle;
use App\View\Settle\SettleView;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

#[AsController]
final readonly class ReadSettleController
{
    public function __construct(private ReadSettle $read) {}

    #[Route('/api/homes/{home}/swaps/{swap}/settle', methods: ['GET'])]
    public function __invoke(Swap $swap): SettleView
    {
        return ($this->read)($swap);
    }
}
