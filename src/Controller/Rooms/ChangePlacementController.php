<?php

declare(strict_types=1);

namespace App\Controller\Rooms;

use App\Entity\Person;
use App\Entity\Placement;
use App\Entity\Swap;
use App\Http\Body;
use App\Input\PlacementInput;
use App\UseCase\Rooms\PlacePiece;
use App\View\Rooms\DressingView;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

#[AsController]
final readonly class ChangePlacementController
{
    public function __construct(private PlacePiece $place) {}

    #[Route('/api/homes/{home}/swaps/{swap}/placements/{placement}', methods: ['PUT'])]
    public function __invoke(Swap $swap, Placement $placement, #[CurrentUser] Person $person, #[Body] PlacementInput $input): DressingView
    {
        return ($this->place)($swap, $placement, $input, $person);
    }
}
