<?php

declare(strict_types=1);

namespace App\Controller\Look;

use App\Entity\Role;
use App\Http\Allowed;
use App\Http\Body;
use App\Input\NudgeInput;
use App\UseCase\Look\NudgeColour;
use App\View\Look\NamedColourView;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

#[AsController]
#[Allowed(Role::Guest)]
final readonly class NudgeColourController
{
    public function __construct(private NudgeColour $nudge) {}

    #[Route('/api/homes/{home}/colours/nudged', methods: ['POST'])]
    public function __invoke(#[Body] NudgeInput $input): NamedColourView
    {
        return ($this->nudge)($input);
    }
}
