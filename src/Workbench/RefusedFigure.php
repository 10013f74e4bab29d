<?php

declare(strict_types=1);

namespace App\Workbench;

use BrightCupboard\Core\CoreException;

/** A figure that was read and cannot be taken, with the sentence that is said at its field. */
final class RefusedFigure extends \DomainException implements CoreException
{
    public static function saying(string $sentence): self
    {
        return new self($sentence);
    }
}
