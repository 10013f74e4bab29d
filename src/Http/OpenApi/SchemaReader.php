<?php

declare(strict_types=1);

namespace App\Http\OpenApi;

use OpenApi\Annotations as OA;
use Symfony\Component\PropertyInfo\PropertyInfoExtractorInterface;
use Symfony\Component\PropertyInfo\Type;

/** Schemas of input and view classes, read from their promoted properties and list<…> comments. */
final class SchemaReader
{
    /** @var array<string, OA\Schema> */
    private array $schemas = [];
    /** @var array<string, class-string> */
    private array $classes = [];

    public function __construct(private readonly PropertyInfoExtractorInterface $properties) {}

    /** @param class-string $class */
    public function nameOf(string $class): string
    {
        $name = (string) preg_replace('/Answer$/', '', (new \ReflectionClass($class))->getShortName());
        $this->classes[$name] ??= $class;
        if ($this->classes[$name] !== $class) {
            throw new \LogicException(sprintf('%s and %s would both be called %s in the API.', $class, $this->classes[$name], $name));
        }
        if (!isset($this->schemas[$name])) {
            $this->schemas[$name] = new OA\Schema(['schema' => $name]);
            is_subclass_of($class, \BackedEnum::class) ? $this->fillEnum($this->schemas[$name], $class) : $this->fill($this->schemas[$name], $class);
        }

        return $name;
    }

    /** @return list<OA\Schema> by name */
    public function all(): array
    {
        $text = static fn(string $name): OA\Property => new OA\Property(['property' => $name, 'type' => 'string']);
        $this->schemas['SignIn'] = new OA\Schema([
            'schema' => 'SignIn',
            'type' => 'object',
            'required' => ['email', 'password'],
            'properties' => [$text('email'), $text('password')],
        ]);
        $this->schemas['Violation'] = new OA\Schema([
            'schema' => 'Violation',
            'type' => 'object',
            'required' => ['field', 'message'],
            'properties' => [$text('field'), $text('message')],
        ]);
        $violations = new OA\Property(['property' => 'violations', 'type' => 'array', 'items' => new OA\Items(['ref' => '#/components/schemas/Violation'])]);
        $this->schemas['Problem'] = new OA\Schema([
            'schema' => 'Problem',
            'type' => 'object',
            'required' => ['type', 'title', 'status', 'detail', 'violations'],
            'properties' => [
                $text('type'),
                $text('title'),
                new OA\Property(['property' => 'status', 'type' => 'integer']),
                $text('detail'),
                $violations,
                new OA\Property(['property' => 'current', 'type' => 'object']),
            ],
        ]);
        ksort($this->schemas);

        return array_values($this->schemas);
    }

    /** @param class-string<\BackedEnum> $class */
    private function fillEnum(OA\Schema $schema, string $class): void
    {
        $schema->type = 'string';
        $schema->enum = array_map(static fn(\BackedEnum $case): int|string => $case->value, $class::cases());
    }

    /** @param class-string $class */
    private function fill(OA\Schema $schema, string $class): void
    {
        $schema->type = 'object';
        $required = $properties = [];
        foreach ((new \ReflectionClass($class))->getProperties(\ReflectionProperty::IS_PUBLIC) as $property) {
            $type = ($this->properties->getTypes($class, $property->getName()) ?? [])[0] ?? throw new \LogicException(sprintf(
                '%s::%s has no type.',
                $class,
                $property->getName(),
            ));
            $properties[] = new OA\Property(['property' => $property->getName()] + $this->described($type));
            if (!$this->isOptional($class, $property->getName())) {
                $required[] = $property->getName();
            }
        }
        $schema->properties = $properties;
        $schema->required = $required;
    }

    /** @param class-string $class */
    private function isOptional(string $class, string $property): bool
    {
        foreach ((new \ReflectionClass($class))->getConstructor()?->getParameters() ?? [] as $parameter) {
            if ($parameter->getName() === $property) {
                return $parameter->isOptional();
            }
        }

        return false;
    }

    /** @return array<string, mixed> */
    private function described(Type $type): array
    {
        $class = $type->getClassName();
        $described = match (true) {
            $type->isCollection() => [
                'type' => 'array',
                'items' => new OA\Items($this->described($type->getCollectionValueTypes()[0] ?? throw new \LogicException('A list says of what.'))),
            ],
            null !== $class && class_exists($class) => ['ref' => '#/components/schemas/' . $this->nameOf($class)],
            'int' === $type->getBuiltinType() => ['type' => 'integer'],
            'float' === $type->getBuiltinType() => ['type' => 'number'],
            'bool' === $type->getBuiltinType() => ['type' => 'boolean'],
            default => ['type' => 'string'],
        };
        if (!$type->isNullable()) {
            return $described;
        }

        return isset($described['ref'])
            ? ['nullable' => true, 'allOf' => [new OA\Schema(['ref' => $described['ref']])]]
            : $described + ['nullable' => true];
    }
}
