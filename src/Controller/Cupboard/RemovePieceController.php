<?php

declare(strict_types=1);

namespace App\Controller\Cupboard;

use App\Entity\Piece;
use App\UseCase\House\RemoveThing;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

#[AsController]
final readonly class RemovePieceController
{
    public function __construct(private RemoveThing $remove) {}

    #[Route('/api/homes/{home}/pieces/{piece}', methods: ['DELETE'])]
    public function __invoke(Piece $piece): void
    {
        ($this->remove)($piece);
    }
}
