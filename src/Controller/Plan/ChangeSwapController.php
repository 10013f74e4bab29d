<?php

declare(strict_types=1);

namespace App\Controller\Plan;

use App\Entity\Swap;
use App\Http\Body;
use App\Input\SwapInput;
use App\UseCase\Plan\ChangeSwap;
use App\View\Plan\SwapView;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

#[AsController]
final readonly class ChangeSwapController
{
    public function __construct(private ChangeSwap $change) {}

    #[Route('/api/homes/{home}/swaps/{swap}', methods: ['PUT'])]
    public function __invoke(Swap $swap, #[Body] SwapInput $input): SwapView
    {
        return ($this->change)($swap, $input);
    }
}
