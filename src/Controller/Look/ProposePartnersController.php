<?php

declare(strict_types=1);

namespace App\Controller\Look;

use App\Entity\Role;
use App\Http\Allowed;
use App\Http\Body;
use App\Input\ColourAskedInput;
use App\UseCase\Look\ProposePartners;
use App\View\Look\PartnersView;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

#[AsController]
#[Allowed(Role::Guest)]
final readonly class ProposePartnersController
{
    public function __construct(private ProposePartners $propose) {}

    #[Route('/api/homes/{home}/colours/partners', methods: ['POST'])]
    public function __invoke(#[Body] ColourAskedInput $input): PartnersView
    {
        return ($this->propose)($input);
    }
}
