<?php

declare(strict_types=1);

namespace App\Controller\Cupboard;

use App\Entity\Person;
use App\Entity\Piece;
use App\Http\Body;
use App\Input\ApartInput;
use App\UseCase\Cupboard\TakeApart;
use App\View\Cupboard\PiecesView;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

#[AsController]
final readonly class TakeApartController
{
    public function __construct(private TakeApart $apart) {}

    #[Route('/api/homes/{home}/pieces/{piece}/apart', methods: ['POST'])]
    public function __invoke(Piece $piece, #[CurrentUser] Person $person, #[Body] ApartInput $input): PiecesView
    {
        return ($this->apart)($piece, $input, $person);
    }
}
