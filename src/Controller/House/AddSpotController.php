<?php

declare(strict_types=1);

namespace App\Controller\House;

use App\Entity\Home;
use App\Http\Body;
use App\Input\SpotInput;
use App\UseCase\House\KeepSpot;
use App\View\House\SpotView;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

#[AsController]
final readonly class AddSpotController
{
    public function __construct(private KeepSpot $keep) {}

    #[Route('/api/homes/{home}/spots', methods: ['POST'], defaults: ['_status' => 201])]
    public function __invoke(Home $home, #[Body] SpotInput $input): SpotView
    {
        return ($this->keep)($home, null, $input);
    }
}
