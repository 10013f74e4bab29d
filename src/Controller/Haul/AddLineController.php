<?php

declare(strict_types=1);

namespace App\Controller\Haul;

use App\Entity\Swap;
use App\Http\Body;
use App\Input\LineInput;
use App\UseCase\Haul\KeepLine;
use App\View\Haul\LineView;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

#[AsController]
final readonly class AddLineController
{
    public function __construct(private KeepLine $keep) {}

    #[Route('/api/homes/{home}/swaps/{swap}/lines', methods: ['POST'], defaults: ['_status' => 201])]
    public function __invoke(Swap $swap, #[Body] LineInput $input): LineView
    {
        return ($this->keep)($swap, null, $input);
    }
}
