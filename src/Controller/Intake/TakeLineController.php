<?php

declare(strict_types=1);

namespace App\Controller\Intake;

use App\Entity\Home;
use App\Entity\Person;
use App\Http\Body;
use App\Input\TakeLineInput;
use App\UseCase\Intake\TakeLine;
use App\View\Cupboard\PieceView;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

#[AsController]
final readonly class TakeLineController
{
    public function __construct(private TakeLine $take) {}

    #[Route('/api/homes/{home}/intake', methods: ['POST'], defaults: ['_status' => 201])]
    public function __invoke(Home $home, #[CurrentUser] Person $person, #[Body] TakeLineInput $input): PieceView
    {
        return ($this->take)($home, $input, $person);
    }
}
