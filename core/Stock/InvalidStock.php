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
        return new self(sprintf(
            '%s: %d wanted from %s, %s there.',
            $name,
            $wanted,
            $place,
            0 === $there ? 'none is' : ($there . (1 === $there ? ' is' : ' are')),
        ));
    }

    public static function unnamedFace(): self
    {
        return new self('Every face needs a name, such as “winter print”.');
    }

    public static function unnamedPart(): self
    {
        return new self('Every part needs a name, such as “red stems”.');
    }

    public static function unnamedSet(): self
    {
        return new self('A set needs a name, such as “bird bookends”.');
    }

    public static function setOf(int $of, int $most): self
    {
        return new self(sprintf('A whole set has from 2 to %d units, got %d.', $most, $of));
    }

    public static function tooManyFacesOrParts(int $faces, int $parts): self
    {
        return new self(sprintf('A piece has at most %d faces and %d parts.', $faces, $parts));
    }

    public static function partUnits(string $name, int $most): self
    {
        return new self(sprintf('An arrangement takes from 1 to %d of %s, named once.', $most, $name));
    }

    public static function tooFewParts(int $most): self
    {
        return new self(sprintf('An arrangement is put together from two things or more, of at most %d kinds.', $most));
    }

    public static function noLength(): self
    {
        return new self('What is unrolled is longer than nothing. Leave its length empty when it is as long as it is wide.');
    }

    public static function cut(string $name, string $length, string $whole): self
    {
        return new self(sprintf('%s can be cut to more than nothing and less than its whole %s, not to %s.', $name, $whole, $length));
    }
}
