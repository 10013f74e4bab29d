<?php

declare(strict_types=1);

namespace App\Security;

use App\Entity\Person;
use App\Http\CsrfGuard;
use App\View\Home\MeView;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Security\Core\Authentication\Token\TokenInterface;
use Symfony\Component\Security\Csrf\CsrfTokenManagerInterface;
use Symfony\Component\Security\Http\Authentication\AuthenticationSuccessHandlerInterface;

/** Answers a good sign-in with who it is, their homes and the token for writes. */
final readonly class SignedIn implements AuthenticationSuccessHandlerInterface
{
    public function __construct(private CsrfTokenManagerInterface $tokens) {}

    public function onAuthenticationSuccess(Request $request, TokenInterface $token): Response
    {
        $person = $token->getUser();

        return $person instanceof Person
            ? new JsonResponse(MeView::of($person, $this->tokens->getToken(CsrfGuard::TOKEN)->getValue()))
            : throw new \LogicException('Only people sign in.');
    }
}
