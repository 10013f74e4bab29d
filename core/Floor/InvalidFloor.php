<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Floor;

use BrightCupboard\Core\CoreException;

/** Measures that no room and no furniture has. */
final class InvalidFloor extends \DomainException implements CoreException
{
    public static function side(string $side): self
    {
        return new self(sprintf('The %s is 2 in to 20 ft (5 cm to 6 m). Measure it again.', $side));
    }

    public static function room(string $side): self
    {
        return new self(sprintf('The %s of a room is 3 to 100 ft (1 to 30 m). Measure it again.', $side));
    }

    public static function opening(string $what): self
    {
        return new self(sprintf('This %s reaches past the end of its wall. Measure from the left end of the wall, seen from inside.', $what));
    }
}
