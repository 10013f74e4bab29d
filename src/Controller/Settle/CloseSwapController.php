<?php

declare(strict_types=1);

namespace App\Controller\Settle;

use App\Entity\Swap;
use App\Http\Body;
use App\Input\CloseInput;
use App\UseCase\Settle\CloseSwap;
use App\View\Settle\SettleView;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

#[AsController]
final readonly class CloseSwapController
{
    public function __construct(private CloseSwap $close) {}

    #[Route('/api/homes/{home}/swaps/{swap}/close', methods: ['POST'])]
    public function __invoke(Swap $swap, #[Body] CloseInput $input): SettleView
    {
        return ($this->close)($swap, $input);
    }
}
