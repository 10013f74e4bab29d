<?php

declare(strict_types=1);

namespace App\Http;

use App\Entity\KeptSum;
use App\Entity\Look;
use App\Entity\OfHome;
use App\Entity\OfSwap;
use App\Entity\Removable;
use App\Entity\Swap;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\DependencyInjection\Attribute\AutoconfigureTag;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Controller\ValueResolverInterface;
use Symfony\Component\HttpKernel\ControllerMetadata\ArgumentMetadata;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/**
 * Finds the thing an address names, and only inside everything else the address names: its home, and its swap where
 * there is one. What is taken away is not there, and what belongs to a closed season is read, not changed.
 */
#[AutoconfigureTag('controller.argument_value_resolver', ['priority' => 150])]
final readonly class HomeScopedResolver implements ValueResolverInterface
{
    public function __construct(private EntityManagerInterface $entities) {}

    /** @return list<OfHome|null> */
    public function resolve(Request $request, ArgumentMetadata $argument): array
    {
        $class = $argument->getType();
        if (null === $class || !is_subclass_of($class, OfHome::class)) {
            return [];
        }
        $id = $request->attributes->get($argument->getName());
        if (!\is_string($id)) {
            return $argument->isNullable() ? [null] : [];
        }
        $thing = $this->entities->find($class, $id);
        if (
            !$thing instanceof OfHome
            || $thing->home()->id() !== $request->attributes->get('home')
            || !$this->isInSwap($thing, $request->attributes->get('swap'))
        ) {
            throw new NotFoundHttpException('This is not there any more. Reload to see how things are.');
        }
        if ($thing instanceof Removable && $thing->isRemoved()) {
            throw new NotFoundHttpException('This was taken away meanwhile. “What was done” brings it back.');
        }
        if (true === $request->attributes->get('_is_write')) {
            $this->requireOpen($thing);
        }

        return [$thing];
    }

    private function isInSwap(OfHome $thing, mixed $swap): bool
    {
        return !$thing instanceof OfSwap || null === $swap || $thing->swap()->id() === $swap;
    }

    /** Closed swaps are history; so are the looks they were dressed by. */
    private function requireOpen(OfHome $thing): void
    {
        $swap = match (true) {
            $thing instanceof Swap => $thing,
            $thing instanceof OfSwap => $thing->swap(),
            $thing instanceof KeptSum => $thing->swap(),
            $thing instanceof Look => $this->entities->getRepository(Swap::class)->findOneBy(['look' => $thing]),
            default => null,
        };
        if (null !== $swap?->closedAt()) {
            throw new Conflict(sprintf('%s is closed and kept as it was. Begin the next swap to go on.', $swap->name()));
        }
    }
}
