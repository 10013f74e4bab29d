<?php

declare(strict_types=1);

namespace App\Security;

use App\Entity\Person;
use App\Homes\MeAnswer;
use App\Http\CsrfGuard;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\Security\Csrf\CsrfTokenManagerInterface;
use Symfony\Component\Security\Http\Event\LoginSuccessEvent;

/**
 * Answers a good sign-in with who it is, their homes and the token for writes.
 *
 * Late, because signing in gives the session a new name and throws its old tokens away: a token handed out before that
 * would be refused by the first write.
 */
#[AsEventListener(priority: -100)]
final readonly class SignedIn
{
    public function __construct(private CsrfTokenManagerInterface $tokens, private FailedSignIns $failed) {}

    public function __invoke(LoginSuccessEvent $event): void
    {
        $person = $event->getUser();
        if (!$person instanceof Person) {
            throw new \LogicException('Only people sign in.');
        }
        $this->failed->forgive($person->getUserIdentifier());
        $event->setResponse(new JsonResponse(MeAnswer::of($person, $this->tokens->getToken(CsrfGuard::TOKEN)->getValue())));
    }
}
