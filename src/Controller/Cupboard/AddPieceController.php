<?php

declare(strict_types=1);

namespace App\Controller\Cupboard;

use App\Entity\Home;
use App\Entity\Person;
use App\Http\Body;
use App\Input\PieceInput;
use App\UseCase\Cupboard\KeepPiece;
use App\View\Cupboard\PieceView;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

#[AsController]
final readonly class AddPieceController
{
    public function __construct(private KeepPiece $keep) {}

    #[Route('/api/homes/{home}/pieces', methods: ['POST'], defaults: ['_status' => 201])]
    public function __invoke(Home $home, #[CurrentUser] Person $person, #[Body] PieceInput $input): PieceView
    {
        return ($this->keep)($home, null, $input, $person);
    }
}
