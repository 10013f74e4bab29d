<?php

declare(strict_types=1);

namespace App\Controller\Plan;

use App\Entity\Home;
use App\Http\Body;
use App\Input\SwapInput;
use App\UseCase\Plan\BeginSwap;
use App\View\Plan\SwapView;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

#[AsController]
final readonly class BeginSwapController
{
    public function __construct(private BeginSwap $begin) {}

    #[Route('/api/homes/{home}/swaps', methods: ['POST'], defaults: ['_status' => 201])]
    public function __invoke(Home $home, #[Body] SwapInput $input): SwapView
    {
        return ($this->begin)($home, $input);
    }
}
