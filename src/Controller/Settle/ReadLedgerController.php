<?php

declare(strict_types=1);

namespace App\Controller\Settle;

use App\Entity\Home;
use App\UseCase\Settle\ReadLedger;
use App\View\Settle\LedgerView;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

#[AsController]
final readonly class ReadLedgerController
{
    public function __construct(private ReadLedger $read) {}

    #[Route('/api/homes/{home}/ledger', methods: ['GET'])]
    public function __invoke(Home $home): LedgerView
    {
        return ($this->read)($home);
    }
}
