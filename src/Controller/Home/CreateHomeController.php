<?php

declare(strict_types=1);

namespace App\Controller\Home;

use App\Entity\Person;
use App\Http\Body;
use App\Input\HomeInput;
use App\UseCase\Home\CreateHome;
use App\View\Home\HomeView;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

#[AsController]
final readonly class CreateHomeController
{
    public function __construct(private CreateHome $create) {}

    #[Route('/api/homes', methods: ['POST'], defaults: ['_status' => 201])]
    public function __invoke(#[CurrentUser] Person $person, #[Body] HomeInput $input): HomeView
    {
        return ($this->create)($person, $input);
    }
}
