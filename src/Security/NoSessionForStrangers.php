<?php

declare(strict_types=1);

namespace App\Security;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Event\ExceptionEvent;
use Symfony\Component\HttpKernel\KernelEvents;
use Symfony\Component\Security\Core\Authentication\Token\Storage\TokenStorageInterface;
use Symfony\Component\Security\Core\Exception\AccessDeniedException;

/** Answers a stranger before the firewall does, which would begin a session only to remember where the stranger wanted to go. */
#[AsEventListener(KernelEvents::EXCEPTION, priority: 2)]
final readonly class NoSessionForStrangers
{
    public function __construct(private TokenStorageInterface $tokens, private NotSignedIn $door) {}

    public function __invoke(ExceptionEvent $event): void
    {
        if ($event->getThrowable() instanceof AccessDeniedException && null === $this->tokens->getToken()) {
            $event->setResponse($this->door->start($event->getRequest()));
        }
    }
}
