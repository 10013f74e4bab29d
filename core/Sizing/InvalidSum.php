<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Sizing;

use BrightCupboard\Core\CoreException;

/** A figure that a sum cannot take: which field, and what is wrong as data; the sentence is made at the edge, in the home's units. */
final class InvalidSum extends \DomainException implements CoreException
{
    private function __construct(public readonly string $field, public readonly Said $said)
    {
        parent::__construct(sprintf('%s: %s.', $field, $said->code));
    }

    /** @param array<string, \BrightCupboard\Core\Measure\Length|\BrightCupboard\Core\Measure\Weight|\BrightCupboard\Core\Money\Money|float|int|string> $values */
    public static function at(string $field, string $code, array $values = []): self
    {
        return new self($field, new Said($code, $values));
    }
}
