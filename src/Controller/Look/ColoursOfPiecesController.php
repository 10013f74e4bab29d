<?php

declare(strict_types=1);

namespace App\Controller\Look;

use App\Entity\Home;
use App\Entity\Role;
use App\Http\Allowed;
use App\Http\Body;
use App\Input\PiecesInput;
use App\UseCase\Look\ColoursOfPieces;
use App\View\Look\FoundColoursView;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

#[AsController]
#[Allowed(Role::Guest)]
final readonly class ColoursOfPiecesController
{
    public function __construct(private ColoursOfPieces $colours) {}

    #[Route('/api/homes/{home}/colours/pieces', methods: ['POST'])]
    public function __invoke(Home $home, #[Body] PiecesInput $input): FoundColoursView
    {
        return ($this->colours)($home, $input);
    }
}
