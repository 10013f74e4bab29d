<?php

declare(strict_types=1);

namespace App\Controller\House;

use App\Entity\Home;
use App\Http\Body;
use App\Input\ToteInput;
use App\UseCase\House\KeepTote;
use App\View\House\ToteView;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

#[AsController]
final readonly class AddToteController
{
    public function __construct(private KeepTote $keep) {}

    #[Route('/api/homes/{home}/totes', methods: ['POST'], defaults: ['_status' => 201])]
    public function __invoke(Home $home, #[Body] ToteInput $input): ToteView
    {
        return ($this->keep)($home, null, $input);
    }
}
