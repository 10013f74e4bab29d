<?php

declare(strict_types=1);

namespace App\Controller\Cupboard;

use App\Entity\Piece;
use App\UseCase\Cupboard\ReadMovements;
use App\View\Cupboard\MovementsView;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

#[AsController]
final readonly class ReadMovementsController
{
    public function __construct(private ReadMovements $read) {}

    #[Route('/api/homes/{home}/pieces/{piece}/movements', methods: ['GET'])]
    public function __invoke(Piece $piece): MovementsView
    {
        return ($this->read)($piece);
    }
}
