<?php

declare(strict_types=1);

namespace App\Controller\Cupboard;

use App\Entity\Person;
use App\Entity\Piece;
use App\Http\Body;
use App\Input\OfPlaceInput;
use App\UseCase\Cupboard\PutTogetherAgain;
use App\View\Cupboard\PiecesView;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

#[AsController]
final readonly class PutTogetherAgainController
{
    public function __construct(private PutTogetherAgain $again) {}

    #[Route('/api/homes/{home}/pieces/{piece}/together', methods: ['POST'])]
    public function __invoke(Piece $piece, #[CurrentUser] Person $person, #[Body] OfPlaceInput $input): PiecesView
    {
        return ($this->again)($piece, $input, $person);
    }
}
