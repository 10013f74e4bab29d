<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Colour;

use BrightCupboard\Core\CoreException;

/** A colour or a set of colour shares that cannot be taken. */
final class InvalidColour extends \DomainException implements CoreException
{
    public static function unknown(string $text): self
    {
        return new self(sprintf('“%s” is not a colour. Pick one, or write it like #3E5F5A.', mb_strimwidth($text, 0, 40, '…')));
    }

    public static function sharesDoNotSum(int $percent): self
    {
        return new self(sprintf('The colour shares must add up to 100 %%, they add up to %d %%.', $percent));
    }

    public static function shareOutOfRange(int $percent): self
    {
        return new self(sprintf('A colour share is from 1 to 100 %%, got %d %%.', $percent));
    }

    public static function wrongNumber(int $count, int $atMost): self
    {
        return new self(sprintf('Between 1 and %d colours are needed, got %d.', $atMost, $count));
    }

    public static function notAPalette(): self
    {
        return new self('This is not a GIMP palette with colours in it. Its first line reads “GIMP Palette”.');
    }

    public static function inPalette(int $line, string $what): self
    {
        return new self(sprintf('Line %d of the palette cannot be read: %s.', $line, $what));
    }
}
