<?php

declare(strict_types=1);

namespace App\Controller\Cupboard;

use App\Entity\Person;
use App\Entity\Piece;
use App\Entity\Role;
use App\Http\Allowed;
use App\Http\Body;
use App\Input\MoveInput;
use App\UseCase\Cupboard\MoveUnits;
use App\View\Cupboard\PieceView;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

#[AsController]
#[Allowed(Role::Helper)]
final readonly class MoveUnitsController
{
    public function __construct(private MoveUnits $move) {}

    #[Route('/api/homes/{home}/pieces/{piece}/moves', methods: ['POST'])]
    public function __invoke(Piece $piece, #[CurrentUser] Person $person, #[Body] MoveInput $input): PieceView
    {
        return ($this->move)($piece, $input, $person);
    }
}
