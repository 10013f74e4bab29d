<?php

declare(strict_types=1);

namespace App\Controller\Storage;

use App\Entity\Home;
use App\UseCase\Storage\ReadToteFills;
use App\View\House\ToteFillsView;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

#[AsController]
final readonly class ReadToteFillsController
{
    public function __construct(private ReadToteFills $read) {}

    #[Route('/api/homes/{home}/tote-fills', methods: ['GET'])]
    public function __invoke(Home $home): ToteFillsView
    {
        return ($this->read)($home);
    }
}
