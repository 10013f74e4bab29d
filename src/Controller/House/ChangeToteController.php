<?php

declare(strict_types=1);

namespace App\Controller\House;

use App\Entity\Home;
use App\Entity\Tote;
use App\Http\Body;
use App\Input\ToteInput;
use App\UseCase\House\KeepTote;
use App\View\House\ToteView;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

#[AsController]
final readonly class ChangeToteController
{
    public function __construct(private KeepTote $keep) {}

    #[Route('/api/homes/{home}/totes/{tote}', methods: ['PUT'])]
    public function __invoke(Home $home, Tote $tote, #[Body] ToteInput $input): ToteView
    {
        return ($this->keep)($home, $tote, $input);
    }
}
