<?php

declare(strict_types=1);

namespace App\Security;

use App\Http\ProblemListener;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Security\Core\Exception\AuthenticationException;
use Symfony\Component\Security\Core\Exception\TooManyLoginAttemptsAuthenticationException;
use Symfony\Component\Security\Http\Authentication\AuthenticationFailureHandlerInterface;
use Symfony\Component\Security\Http\EntryPoint\AuthenticationEntryPointInterface;

/** Says why someone is not in: no session, a wrong pair, or too many tries. */
final readonly class NotSignedIn implements AuthenticationEntryPointInterface, AuthenticationFailureHandlerInterface
{
    public function start(Request $request, ?AuthenticationException $authException = null): Response
    {
        return ProblemListener::response(Response::HTTP_UNAUTHORIZED, 'You are not signed in, or your session has ended. Sign in and go on.');
    }

    public function onAuthenticationFailure(Request $request, AuthenticationException $exception): Response
    {
        return $exception instanceof TooManyLoginAttemptsAuthenticationException
            ? ProblemListener::response(Response::HTTP_TOO_MANY_REQUESTS, 'Too many tries. Wait five minutes and try again.')
            : ProblemListener::response(Response::HTTP_UNAUTHORIZED, 'This e-mail address and password do not belong together.');
    }
}
