<?php

declare(strict_types=1);

namespace App\Cupboard;

use App\Entity\Home;
use App\Ledger\StockWorth;
use App\Repository\StandingRepository;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

#[AsController]
final readonly class ReadBrokenSets
{
    public function __construct(private StockWorth $worth, private StandingRepository $standing) {}

    #[Route('/api/homes/{home}/broken-sets', methods: ['GET'])]
    public function __invoke(Home $home): SetsAnswer
    {
        return new SetsAnswer($this->worth->brokenSets($home, $this->standing->whereabouts($home)));
    }
}
