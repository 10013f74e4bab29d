<?php

declare(strict_types=1);

namespace App\Controller\Look;

use App\Entity\Swap;
use App\UseCase\Look\SuggestRestyles;
use App\View\Look\RestylesView;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

#[AsController]
final readonly class SuggestRestylesController
{
    public function __construct(private SuggestRestyles $suggest) {}

    #[Route('/api/homes/{home}/swaps/{swap}/restyles', methods: ['GET'])]
    public function __invoke(Swap $swap): RestylesView
    {
        return ($this->suggest)($swap);
    }
}
