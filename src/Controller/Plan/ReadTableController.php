<?php

declare(strict_types=1);

namespace App\Controller\Plan;

use App\Entity\Swap;
use App\UseCase\Plan\ReadTable;
use App\View\Plan\TableView;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

#[AsController]
final readonly class ReadTableController
{
    public function __construct(private ReadTable $read) {}

    #[Route('/api/homes/{home}/swaps/{swap}/table', methods: ['GET'])]
    public function __invoke(Swap $swap): TableView
    {
        return ($this->read)($swap);
    }
}
