<?php

declare(strict_types=1);

namespace App\Controller\Look;

use App\Entity\Piece;
use App\Entity\Swap;
use App\UseCase\Look\ExplainFit;
use App\View\Look\FitView;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

#[AsController]
final readonly class ExplainFitController
{
    public function __construct(private ExplainFit $explain) {}

    #[Route('/api/homes/{home}/swaps/{swap}/pieces/{piece}/fit', methods: ['GET'])]
    public function __invoke(Swap $swap, Piece $piece): FitView
    {
        return ($this->explain)($swap, $piece);
    }
}
