<?php

declare(strict_types=1);

namespace App\Controller\Haul;

use App\Entity\Swap;
use App\Http\Body;
use App\Input\RestyleInput;
use App\UseCase\Haul\PlanRestyle;
use App\View\Haul\LineView;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

#[AsController]
final readonly class PlanRestyleController
{
    public function __construct(private PlanRestyle $plan) {}

    #[Route('/api/homes/{home}/swaps/{swap}/restyles', methods: ['POST'], defaults: ['_status' => 201])]
    public function __invoke(Swap $swap, #[Body] RestyleInput $input): LineView
    {
        return ($this->plan)($swap, $input);
    }
}
