<?php

declare(strict_types=1);

namespace App\Controller\Home;

use App\Entity\Person;
use App\Http\CsrfGuard;
use App\View\Home\MeView;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Csrf\CsrfTokenManagerInterface;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

#[AsController]
final readonly class MeController
{
    public function __construct(private CsrfTokenManagerInterface $tokens) {}

    #[Route('/api/me', methods: ['GET'])]
    public function __invoke(#[CurrentUser] Person $person): MeView
    {
        return MeView::of($person, $this->tokens->getToken(CsrfGuard::TOKEN)->getValue());
    }
}
