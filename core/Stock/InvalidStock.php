<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Stock;

use BrightCupboard\Core\CoreException;

/** A piece or a place that cannot be. */
final class InvalidStock extends \DomainException implements CoreException
{
    public static function count(int $count, int $most): self
    {
        return new self(sprintf('A piece has a count from 1 to %d, got %d.', $most, $count));
    }

    public static function flat(string $name): self
    {
        return new self(sprintf('“%s” needs a width and a height above 0, so that it can be drawn to scale.', mb_strimwidth($name, 0, 60, '…')));
    }

    public static function notThere(string $name, int $wanted, int $there, string $place): self
    {
        return new self(sprintf('%s: %d wanted from %s, %s there.', $name, $wanted, $place, 0 === $there ? 'none is' : ($there . (1 === $there ? ' is' : ' are'))));
    }
}
