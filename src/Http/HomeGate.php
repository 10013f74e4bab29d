<?php

declare(strict_types=1);

namespace App\Http;

use App\Entity\Person;
use App\Entity\Role;
use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Event\ControllerEvent;
use Symfony\Component\HttpKernel\Exception\AccessDeniedHttpException;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\HttpKernel\KernelEvents;

/** Lets nobody past who does not belong to the home in the address; strangers are told it is not there. */
#[AsEventListener(KernelEvents::CONTROLLER)]
final readonly class HomeGate
{
    public function __construct(private Security $security) {}

    public function __invoke(ControllerEvent $event): void
    {
        $home = $event->getRequest()->attributes->get('home');
        if (!\is_string($home)) {
            return;
        }
        $person = $this->security->getUser();
        $role = $person instanceof Person ? $person->roleIn($home) : null;
        if (null === $role) {
            throw new NotFoundHttpException('There is no such home among yours.');
        }
        if (!$role->allows(self::needed($event))) {
            throw new AccessDeniedHttpException(sprintf('As a %s you can look, but not change this.', $role->value));
        }
        $event->getRequest()->attributes->set('_is_write', self::isWrite($event));
    }

    /** Whether it changes anything: what guests may ask is a question, even when it is long enough to be posted. */
    public static function isWrite(ControllerEvent $event): bool
    {
        return str_starts_with($event->getRequest()->getPathInfo(), '/api/') && !$event->getRequest()->isMethodSafe() && Role::Guest !== self::needed($event);
    }

    private static function needed(ControllerEvent $event): Role
    {
        $allowed = $event->getAttributes()[Allowed::class][0] ?? null;

        return $allowed instanceof Allowed ? $allowed->role : ($event->getRequest()->isMethodSafe() ? Role::Guest : Role::Stylist);
    }
}
