<?php

declare(strict_types=1);

namespace App\Http;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Event\ControllerEvent;
use Symfony\Component\HttpKernel\Exception\AccessDeniedHttpException;
use Symfony\Component\HttpKernel\KernelEvents;
use Symfony\Component\Security\Csrf\CsrfToken;
use Symfony\Component\Security\Csrf\CsrfTokenManagerInterface;

/** Writes need the token that the page was given, in a header no other site can set. */
#[AsEventListener(KernelEvents::CONTROLLER, priority: 10)]
final readonly class CsrfGuard
{
    public const HEADER = 'X-CSRF-Token';
    public const TOKEN = 'api';

    public function __construct(private CsrfTokenManagerInterface $tokens) {}

    public function __invoke(ControllerEvent $event): void
    {
        $request = $event->getRequest();
        if (!$event->isMainRequest() || $request->isMethodSafe() || !str_starts_with($request->getPathInfo(), '/api/')) {
            return;
        }
        if (!$this->tokens->isTokenValid(new CsrfToken(self::TOKEN, $request->headers->get(self::HEADER)))) {
            throw new AccessDeniedHttpException('This page is out of date: reload it and do that again.');
        }
    }
}
