<?php

declare(strict_types=1);

namespace App\Controller\Home;

use App\Entity\Home;
use App\Http\Body;
use App\Input\HomeInput;
use App\UseCase\Home\ChangeHome;
use App\View\Home\HomeView;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

#[AsController]
final readonly class ChangeHomeController
{
    public function __construct(private ChangeHome $change) {}

    #[Route('/api/homes/{home}', methods: ['PUT'])]
    public function __invoke(Home $home, #[Body] HomeInput $input): HomeView
    {
        return ($this->change)($home, $input);
    }
}
