<?php

declare(strict_types=1);

namespace App\Controller\Cupboard;

use App\Entity\Piece;
use App\UseCase\House\RestoreThing;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

#[AsController]
final readonly class RestorePieceController
{
    public function __construct(private RestoreThing $restore) {}

    #[Route('/api/homes/{home}/pieces/{piece}/restore', methods: ['POST'])]
    public function __invoke(Piece $piece): void
    {
        ($this->restore)($piece);
    }
}
