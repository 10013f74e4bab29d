<?php

declare(strict_types=1);

namespace App\Controller\Cupboard;

use App\Entity\Home;
use App\Entity\Person;
use App\Entity\Piece;
use App\Http\Body;
use App\Input\PieceInput;
use App\UseCase\Cupboard\KeepPiece;
use App\View\Cupboard\PieceView;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

#[AsController]
final readonly class ChangePieceController
{
    public function __construct(private KeepPiece $keep) {}

    #[Route('/api/homes/{home}/pieces/{piece}', methods: ['PUT'])]
    public function __invoke(Home $home, Piece $piece, #[CurrentUser] Person $person, #[Body] PieceInput $input): PieceView
    {
        return ($this->keep)($home, $piece, $input, $person);
    }
}
