<?php

declare(strict_types=1);

namespace App\Controller\Look;

use App\Entity\Role;
use App\Entity\Swap;
use App\Http\Allowed;
use App\Http\Body;
use App\Input\LookInput;
use App\UseCase\Look\AnswerLook;
use App\View\Look\StockAnswerView;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

#[AsController]
#[Allowed(Role::Guest)]
final readonly class AnswerLookController
{
    public function __construct(private AnswerLook $answer) {}

    #[Route('/api/homes/{home}/swaps/{swap}/look-answer', methods: ['POST'])]
    public function __invoke(Swap $swap, #[Body] LookInput $input): StockAnswerView
    {
        return ($this->answer)($swap, $input);
    }
}
