<?php

declare(strict_types=1);

namespace App\Security;

use App\Entity\Person;
use Psr\Clock\ClockInterface;
use Psr\Log\LoggerInterface;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\RequestStack;
use Symfony\Component\PasswordHasher\Hasher\PasswordHasherFactoryInterface;
use Symfony\Component\Security\Core\Exception\TooManyLoginAttemptsAuthenticationException;
use Symfony\Component\Security\Core\Exception\UserNotFoundException;
use Symfony\Component\Security\Http\Authenticator\Passport\Badge\UserBadge;
use Symfony\Component\Security\Http\Event\CheckPassportEvent;
use Symfony\Component\Security\Http\Event\LoginFailureEvent;

/** Holds up whoever guesses: by the e-mail that is tried and by the address it comes from. Each failure is written down. */
final readonly class SignInGuard
{
    private const MINUTES = 5;
    private const MOST_BY_EMAIL = 5;
    private const MOST_BY_ADDRESS = 40;

    public function __construct(
        private FailedSignIns $failed,
        private RequestStack $requests,
        private ClockInterface $clock,
        private PasswordHasherFactoryInterface $hashers,
        private LoggerInterface $logger,
    ) {}

    /** Before the password is looked at, so that a held-up guess costs nothing and tells nothing. */
    #[AsEventListener(priority: 2080)]
    public function holdUp(CheckPassportEvent $event): void
    {
        $since = $this->clock->now()->modify(sprintf('-%d minutes', self::MINUTES));
        $badge = $event->getPassport()->getBadge(UserBadge::class);
        $email = $badge instanceof UserBadge ? $badge->getUserIdentifier() : '';
        if ($this->failed->byEmail($email, $since) >= self::MOST_BY_EMAIL || $this->failed->byAddress($this->address(), $since) >= self::MOST_BY_ADDRESS) {
            throw new TooManyLoginAttemptsAuthenticationException(self::MINUTES);
        }
    }

    #[AsEventListener]
    public function writeDown(LoginFailureEvent $event): void
    {
        $error = $event->getException();
        if ($error instanceof TooManyLoginAttemptsAuthenticationException) {
            return;
        }
        $badge = $event->getPassport()?->getBadge(UserBadge::class);
        $email = $badge instanceof UserBadge ? $badge->getUserIdentifier() : '';
        if ($error instanceof UserNotFoundException || $error->getPrevious() instanceof UserNotFoundException) {
            // As much work as for a known address, so that the time of the answer does not tell which addresses are known.
            $this->hashers->getPasswordHasher(Person::class)->hash('nobody');
        }
        $this->failed->add($this->address(), $email);
        $this->logger->info('A sign-in failed.', ['address' => $this->address()]);
    }

    private function address(): string
    {
        return $this->requests->getMainRequest()?->getClientIp() ?? 'unknown';
    }
}
