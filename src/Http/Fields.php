<?php

declare(strict_types=1);

namespace App\Http;

use BrightCupboard\Core\CoreException;

/** Reads the fields of an input one by one and gathers what the core says against each, so that all of it is shown at once. */
final class Fields
{
    /** @var list<Violation> */
    private array $violations = [];

    /**
     * @template T
     * @template D
     *
     * @param \Closure(): T $read
     * @param D             $otherwise stands in until complete() refuses the whole
     *
     * @return T|D
     */
    public function read(string $field, \Closure $read, mixed $otherwise): mixed
    {
        try {
            return $read();
        } catch (CoreException $refusal) {
            $this->violations[] = new Violation($field, $refusal->getMessage());

            return $otherwise;
        }
    }

    public function refuse(string $field, string $message): void
    {
        $this->violations[] = new Violation($field, $message);
    }

    public function complete(): void
    {
        if ([] !== $this->violations) {
            throw new InvalidInput($this->violations);
        }
    }
}
