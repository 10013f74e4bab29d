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

    public static function nothingLeft(string $why): self
    {
        return new self(sprintf('That would keep all of it clear (%s), and nothing would be left to dress.', mb_strimwidth($why, 0, 60, '…')));
    }

    public static function tooMany(string $what, int $count, int $most): self
    {
        return new self(sprintf('Between 0 and %d %s can be entered, got %d.', $most, $what, $count));
    }

    public static function tier(int $number): self
    {
        return new self(sprintf('Board %d needs a clear height between 0.1 and 80 in (203 cm).', $number));
    }

    public static function seats(int $seats, int $most): self
    {
        return new self(sprintf('%d cannot sit at a top of this size; at 24 in (61 cm) each it takes %d.', $seats, $most));
    }

    public static function tooSteep(): self
    {
        return new self('A rail that rises more than it runs is a ladder: check the rise, or measure the length along the floor.');
    }

    public static function withoutSides(): self
    {
        return new self('A doorway needs a height above 0, so that what goes over it can hang down its sides.');
    }

    public static function without(string $side): self
    {
        return new self(sprintf('A spot needs a %s above 0, so that pieces can be tried on it.', $side));
    }

    public static function beyondARoom(): self
    {
        return new self('No spot of a room measures more than 20 m (65 ft): check this.');
    }

    public static function tooLarge(string $name): self
    {
        return new self(sprintf('“%s” is more than 20 m wide, deep or high: check its measures.', mb_strimwidth($name, 0, 60, '…')));
    }
}
