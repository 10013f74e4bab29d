<?php

declare(strict_types=1);

namespace App\Http;

use BrightCupboard\Core\CoreException;
use BrightCupboard\Core\Plan\InvalidPlan;
use Doctrine\DBAL\Exception\LockWaitTimeoutException;
use Doctrine\ORM\OptimisticLockException;
use Psr\Log\LoggerInterface;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Event\ExceptionEvent;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Symfony\Component\HttpKernel\KernelEvents;
use Symfony\Component\Security\Core\Exception\AccessDeniedException;
use Symfony\Component\Security\Core\Exception\AuthenticationException;
use Symfony\Component\Serializer\Exception\ExtraAttributesException;
use Symfony\Component\Validator\Exception\ValidationFailedException;

/** Writes every error of the API as a problem document (RFC 9457). Only sentences meant for people reach it. */
#[AsEventListener(KernelEvents::EXCEPTION, priority: -10)]
final readonly class ProblemListener
{
    public function __construct(private LoggerInterface $logger) {}

    private const TITLES = [
        400 => 'That could not be read', 401 => 'Sign in first', 403 => 'Not allowed', 404 => 'Not found', 405 => 'Not possible here',
        409 => 'Changed meanwhile', 415 => 'That could not be read', 422 => 'Please check what you entered', 429 => 'Too many tries', 503 => 'Busy',
    ];

    public function __invoke(ExceptionEvent $event): void
    {
        $error = $event->getThrowable();
        $isApi = str_starts_with($event->getRequest()->getPathInfo(), '/api/');
        if (!$isApi || $error instanceof AuthenticationException || $error instanceof AccessDeniedException) {
            return;
        }
        $status = match (true) {
            $error instanceof InvalidPlan => 409,
            $error instanceof InvalidInput, $error instanceof CoreException, $error instanceof ExtraAttributesException => 422,
            $error instanceof Conflict, $error instanceof OptimisticLockException => 409,
            $error instanceof HttpExceptionInterface => $error->getStatusCode(),
            $error instanceof LockWaitTimeoutException => 503,
            default => 500,
        };
        if ($status < 500) {
            // One line, and nothing of what was typed.
            $this->logger->info(
                sprintf('%d %s %s', $status, $event->getRequest()->getMethod(), $event->getRequest()->getPathInfo()),
                ['fields' => array_map(static fn(Violation $one): string => $one->field, $this->violations($error))],
            );
        }
        $event->setResponse(self::response(
            $status,
            $this->detail($error, $status),
            $this->violations($error),
            $error instanceof Conflict ? $error->current : null,
        ));
    }

    /** @param list<Violation> $violations */
    public static function response(int $status, string $detail, array $violations = [], ?object $current = null): JsonResponse
    {
        $problem = [
            'type' => 'urn:bright-cupboard:problem:' . $status,
            'title' => self::TITLES[$status] ?? 'Something went wrong',
            'status' => $status,
            'detail' => $detail,
            'violations' => $violations,
        ];

        return new JsonResponse(null === $current ? $problem : $problem + ['current' => $current], $status, ['Content-Type' => 'application/problem+json']);
    }

    private function detail(\Throwable $error, int $status): string
    {
        $violations = $this->violations($error);

        return match (true) {
            [] !== $violations => $violations[0]->message,
            $error instanceof OptimisticLockException => 'Someone else changed this a moment ago. Nothing was overwritten: reload, then decide.',
            500 === $status => 'Something went wrong on our side. What you had is safe; try again.',
            503 === $status => 'The cupboard is busy with something long. Nothing was changed; try again in a moment.',
            400 === $status => 'The request is not valid JSON of the kind expected here.',
            405 === $status, 415 === $status => 'This address does not take such a request.',
            404 === $status && !$this->isOurs($error) => 'There is nothing at this address.',
            default => $error->getMessage(),
        };
    }

    /** The serializer's own words name types; people are told what to do instead. */
    private static function plain(string $message): string
    {
        return str_starts_with($message, 'This value should be of type') || str_contains($message, 'enumeration')
            ? 'This is missing, or not one of those offered.'
            : $message;
    }

    private function isOurs(\Throwable $error): bool
    {
        return !str_contains($error->getMessage(), 'route') && !str_contains($error->getMessage(), '\\');
    }

    /** @return list<Violation> */
    private function violations(\Throwable $error): array
    {
        $cause = $error->getPrevious();
        if ($error instanceof InvalidInput) {
            return $error->violations;
        }
        if ($cause instanceof ValidationFailedException) {
            $violations = [];
            foreach ($cause->getViolations() as $violation) {
                $violations[] = new Violation($violation->getPropertyPath(), self::plain((string) $violation->getMessage()));
            }

            return $violations;
        }
        if ($error instanceof ExtraAttributesException) {
            return array_map(
                static fn(string $name): Violation => new Violation($name, sprintf('There is no field “%s” here.', mb_strimwidth($name, 0, 40, '…'))),
                array_values($error->getExtraAttributes()),
            );
        }

        return [];
    }
}
