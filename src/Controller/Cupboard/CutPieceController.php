<?php

declare(strict_types=1);

namespace App\Controller\Cupboard;

use App\Entity\Person;
use App\Entity\Piece;
use App\Http\Body;
use App\Input\CutInput;
use App\UseCase\Cupboard\CutPiece;
use App\View\Cupboard\PiecesView;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

#[AsController]
final readonly class CutPieceController
{
    public function __construct(private CutPiece $cut) {}

    #[Route('/api/homes/{home}/pieces/{piece}/cut', methods: ['POST'])]
    public function __invoke(Piece $piece, #[CurrentUser] Person $person, #[Body] CutInput $input): PiecesView
    {
        return ($this->cut)($piece, $input, $person);
    }
}
