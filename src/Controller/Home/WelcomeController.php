<?php

declare(strict_types=1);

namespace App\Controller\Home;

use App\Security\DemoSignIn;
use App\View\Home\WelcomeView;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

#[AsController]
final readonly class WelcomeController
{
    public function __construct(private bool $isDemo) {}

    #[Route('/api/welcome', methods: ['GET'])]
    public function __invoke(): WelcomeView
    {
        return $this->isDemo ? new WelcomeView(true, DemoSignIn::EMAIL, DemoSignIn::PASSWORD) : new WelcomeView(false, '', '');
    }
}
