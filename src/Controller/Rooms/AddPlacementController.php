<?php

declare(strict_types=1);

namespace App\Controller\Rooms;

use App\Entity\Person;
use App\Entity\Swap;
use App\Http\Body;
use App\Input\PlacementInput;
use App\UseCase\Rooms\PlacePiece;
use App\View\Rooms\DressingView;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

#[AsController]
final readonly class AddPlacementController
{
    public function __construct(private PlacePiece $place) {}

    #[Route('/api/homes/{home}/swaps/{swap}/placements', methods: ['POST'], defaults: ['_status' => 201])]
    public function __invoke(Swap $swap, #[CurrentUser] Person $person, #[Body] PlacementInput $input): DressingView
    {
        return ($this->place)($swap, null, $input, $person);
    }
}
