<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Surface;

use BrightCupboard\Core\CoreException;

/** A spot that nothing could be stood on. */
final class InvalidSpot extends \DomainException implements CoreException
{
    public static function flat(string $name): self
    {
        return new self(sprintf('“%s” needs a width and a depth above 0, so that pieces can be tried on it.', mb_strimwidth($name, 0, 60, '…')));
    }

    public static function keepClear(): self
    {
        return new self('A stretch to keep clear must end to the right of where it starts.');
    }
}
