<?php

declare(strict_types=1);

namespace App\Exchange;

use BrightCupboard\Core\CoreException;

/** Faces or parts of a file that are not written the way this application writes them. */
final class UnreadableMakeup extends \DomainException implements CoreException
{
    public static function of(string $text): self
    {
        return new self(sprintf('“%s” cannot be read as faces or parts. Leave the column empty and enter them here.', mb_strimwidth($text, 0, 40, '…')));
    }
}
