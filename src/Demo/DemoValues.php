<?php

declare(strict_types=1);

namespace App\Demo;

/** Values of a demo file by name, with their types checked. */
final readonly class DemoValues
{
    /** @param array<mixed> $values */
    public function __construct(private array $values) {}

    public function text(string $path): string
    {
        $value = $this->at($path);

        return \is_scalar($value) ? (string) $value : '';
    }

    public function whole(string $path): int
    {
        return (int) $this->number($path);
    }

    public function number(string $path): float
    {
        $value = $this->at($path);

        return \is_numeric($value) ? (float) $value : 0.0;
    }

    public function isNull(string $path): bool
    {
        return null === $this->at($path);
    }

    /** @return list<self> */
    public function list(string $path): array
    {
        return array_map(static fn(mixed $item): self => new self((array) $item), array_values((array) $this->at($path)));
    }

    /** @return list<string> */
    public function texts(string $path): array
    {
        return array_map(static fn(mixed $item): string => \is_scalar($item) ? (string) $item : '', array_values((array) $this->at($path)));
    }

    /** @return list<float> */
    public function numbers(string $path): array
    {
        return array_map(static fn(mixed $item): float => \is_numeric($item) ? (float) $item : 0.0, array_values((array) $this->at($path)));
    }

    private function at(string $path): mixed
    {
        $value = $this->values;
        foreach (explode('.', $path) as $step) {
            $value = \is_array($value) ? ($value[$step] ?? null) : null;
        }

        return $value;
    }
}
