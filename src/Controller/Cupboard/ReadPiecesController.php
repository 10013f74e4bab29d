<?php

declare(strict_types=1);

namespace App\Controller\Cupboard;

use App\Entity\Home;
use App\UseCase\Cupboard\ReadPieces;
use App\View\Cupboard\PiecePage;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\Routing\Attribute\Route;

#[AsController]
final readonly class ReadPiecesController
{
    public function __construct(private ReadPieces $read) {}

    #[Route('/api/homes/{home}/pieces', methods: ['GET'])]
    public function __invoke(Home $home, #[MapQueryParameter] int $offset = 0, #[MapQueryParameter] int $limit = 500): PiecePage
    {
        return ($this->read)($home, $offset, $limit);
    }
}
