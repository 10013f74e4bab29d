<?php

declare(strict_types=1);

namespace App\Controller\Plan;

use App\Entity\Person;
use App\Entity\Swap;
use App\Http\Body;
use App\Input\DecisionsInput;
use App\UseCase\Plan\Decide;
use App\View\Plan\DecisionsView;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

#[AsController]
final readonly class DecideController
{
    public function __construct(private Decide $decide) {}

    #[Route('/api/homes/{home}/swaps/{swap}/decisions', methods: ['PUT'])]
    public function __invoke(Swap $swap, #[CurrentUser] Person $person, #[Body] DecisionsInput $input): DecisionsView
    {
        return ($this->decide)($swap, $input, $person);
    }
}
