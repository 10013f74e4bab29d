<?php

declare(strict_types=1);

namespace App\Controller\Exchange;

use App\Entity\Home;
use App\Http\Body;
use App\Input\ListFileInput;
use App\UseCase\Exchange\TakeTotes;
use App\View\Exchange\ListReadView;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

#[AsController]
final readonly class TakeTotesController
{
    public function __construct(private TakeTotes $take) {}

    #[Route('/api/homes/{home}/totes/table', methods: ['POST'])]
    public function __invoke(Home $home, #[Body] ListFileInput $input): ListReadView
    {
        return ($this->take)($home, $input);
    }
}
