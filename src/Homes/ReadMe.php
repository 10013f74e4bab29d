<?php

declare(strict_types=1);

namespace App\Homes;

use App\Entity\Person;
use App\Http\CsrfGuard;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Csrf\CsrfTokenManagerInterface;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

#[AsController]
final readonly class ReadMe
{
    public function __construct(private CsrfTokenManagerInterface $tokens) {}

    #[Route('/api/me', methods: ['GET'])]
    public function __invoke(#[CurrentUser] Person $person): MeAnswer
    {
        return MeAnswer::of($person, $this->tokens->getToken(CsrfGuard::TOKEN)->getValue());
    }
}
