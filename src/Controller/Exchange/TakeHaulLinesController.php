<?php

declare(strict_types=1);

namespace App\Controller\Exchange;

use App\Entity\Swap;
use App\Http\Body;
use App\Input\ListFileInput;
use App\UseCase\Exchange\TakeHaulLines;
use App\View\Exchange\ListReadView;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

#[AsController]
final readonly class TakeHaulLinesController
{
    public function __construct(private TakeHaulLines $take) {}

    #[Route('/api/homes/{home}/swaps/{swap}/lines/table', methods: ['POST'])]
    public function __invoke(Swap $swap, #[Body] ListFileInput $input): ListReadView
    {
        return ($this->take)($swap, $input);
    }
}
