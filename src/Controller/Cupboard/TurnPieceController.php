<?php

declare(strict_types=1);

namespace App\Controller\Cupboard;

use App\Entity\Piece;
use App\Http\Body;
use App\Input\TurnInput;
use App\UseCase\Cupboard\TurnPiece;
use App\View\Cupboard\PieceView;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

#[AsController]
final readonly class TurnPieceController
{
    public function __construct(private TurnPiece $turn) {}

    #[Route('/api/homes/{home}/pieces/{piece}/face', methods: ['PUT'])]
    public function __invoke(Piece $piece, #[Body] TurnInput $input): PieceView
    {
        return ($this->turn)($piece, $input);
    }
}
