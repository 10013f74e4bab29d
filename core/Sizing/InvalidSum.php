<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Sizing;

use BrightCupboard\Core\CoreException;
use BrightCupboard\Core\Measure\Area;
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Measure\Volume;
use BrightCupboard\Core\Measure\Weight;
use BrightCupboard\Core\Money\Money;

/** A figure that a sum cannot take: which field, and what is wrong as data; the sentence is made at the edge, in the home's units. */
final class InvalidSum extends \DomainException implements CoreException
{
    private function __construct(public readonly string $field, public readonly Said $said)
    {
        parent::__construct(sprintf('%s: %s.', $field, $said->code));
    }

    /** @param array<string, Length|Weight|Money|Volume|Area|float|int|string> $values */
    public static function at(string $field, string $code, array $values = []): self
    {
        return new self($field, new Said($code, $values));
    }
}
