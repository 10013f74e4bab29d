<?php

declare(strict_types=1);

namespace App\Controller\Settle;

use App\Entity\Home;
use App\UseCase\Settle\StockWorth;
use App\View\Settle\SetsView;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

#[AsController]
final readonly class ReadBrokenSetsController
{
    public function __construct(private StockWorth $worth) {}

    #[Route('/api/homes/{home}/broken-sets', methods: ['GET'])]
    public function __invoke(Home $home): SetsView
    {
        return new SetsView($this->worth->brokenSets($home));
    }
}
