<?php

declare(strict_types=1);

namespace App\Controller\Plan;

use App\Entity\Piece;
use App\Entity\Swap;
use App\UseCase\Plan\ForeseeChoice;
use App\View\Plan\ConsequencesView;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

#[AsController]
final readonly class ForeseeChoiceController
{
    public function __construct(private ForeseeChoice $foresee) {}

    #[Route('/api/homes/{home}/swaps/{swap}/pieces/{piece}/consequences', methods: ['GET'])]
    public function __invoke(Swap $swap, Piece $piece): ConsequencesView
    {
        return ($this->foresee)($swap, $piece);
    }
}
