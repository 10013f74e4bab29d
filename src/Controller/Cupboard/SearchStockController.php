<?php

declare(strict_types=1);

namespace App\Controller\Cupboard;

use App\Entity\Home;
use App\UseCase\Cupboard\SearchStock;
use App\View\Cupboard\SearchView;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\Routing\Attribute\Route;

#[AsController]
final readonly class SearchStockController
{
    public function __construct(private SearchStock $search) {}

    #[Route('/api/homes/{home}/search', methods: ['GET'])]
    public function __invoke(Home $home, #[MapQueryParameter] string $q = ''): SearchView
    {
        return ($this->search)($home, $q);
    }
}
