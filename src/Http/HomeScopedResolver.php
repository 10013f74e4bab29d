<?php

declare(strict_types=1);

namespace App\Http;

use App\Entity\OfHome;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\DependencyInjection\Attribute\AutoconfigureTag;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Controller\ValueResolverInterface;
use Symfony\Component\HttpKernel\ControllerMetadata\ArgumentMetadata;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** Finds the thing an address names, and only inside the home the address names. */
#[AutoconfigureTag('controller.argument_value_resolver', ['priority' => 150])]
final readonly class HomeScopedResolver implements ValueResolverInterface
{
    public function __construct(private EntityManagerInterface $entities) {}

    /** @return list<OfHome> */
    public function resolve(Request $request, ArgumentMetadata $argument): array
    {
        $class = $argument->getType();
        $id = $request->attributes->get($argument->getName());
        if (null === $class || !is_subclass_of($class, OfHome::class) || !\is_string($id)) {
            return [];
        }
        $thing = $this->entities->find($class, $id);
        if (!$thing instanceof OfHome || $thing->home()->id() !== $request->attributes->get('home')) {
            throw new NotFoundHttpException('This is not there any more. Reload to see how things are.');
        }

        return [$thing];
    }
}
