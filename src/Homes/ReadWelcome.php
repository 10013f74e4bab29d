<?php

declare(strict_types=1);

namespace App\Homes;

use App\Security\DemoSignIn;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

#[AsController]
final readonly class ReadWelcome
{
    public function __construct(private bool $isDemo) {}

    #[Route('/api/welcome', methods: ['GET'])]
    public function __invoke(): WelcomeAnswer
    {
        return $this->isDemo ? new WelcomeAnswer(true, DemoSignIn::EMAIL, DemoSignIn::PASSWORD) : new WelcomeAnswer(false, '', '');
    }
}
