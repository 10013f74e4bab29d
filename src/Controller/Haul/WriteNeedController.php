<?php

declare(strict_types=1);

namespace App\Controller\Haul;

use App\Entity\Swap;
use App\Http\Body;
use App\Input\NeedInput;
use App\UseCase\Haul\WriteNeed;
use App\View\Haul\NeedView;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

#[AsController]
final readonly class WriteNeedController
{
    public function __construct(private WriteNeed $write) {}

    #[Route('/api/homes/{home}/swaps/{swap}/needs', methods: ['POST'], defaults: ['_status' => 201])]
    public function __invoke(Swap $swap, #[Body] NeedInput $input): NeedView
    {
        return ($this->write)($swap, $input);
    }
}
