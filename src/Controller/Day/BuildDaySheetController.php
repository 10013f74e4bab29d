<?php

declare(strict_types=1);

namespace App\Controller\Day;

use App\Entity\Swap;
use App\Http\Body;
use App\Input\BuildDayInput;
use App\UseCase\Day\BuildDaySheet;
use App\View\Day\DayView;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

#[AsController]
final readonly class BuildDaySheetController
{
    public function __construct(private BuildDaySheet $build) {}

    #[Route('/api/homes/{home}/swaps/{swap}/day', methods: ['POST'], defaults: ['_status' => 201])]
    public function __invoke(Swap $swap, #[Body] BuildDayInput $input): DayView
    {
        return ($this->build)($swap, $input);
    }
}
