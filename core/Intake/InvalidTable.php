<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Intake;

use BrightCupboard\Core\CoreException;

/** A file that cannot be taken for a table at all. */
final class InvalidTable extends \DomainException implements CoreException
{
    public static function isEmpty(): self
    {
        return new self('The file is empty. Its first row should name the columns, such as: name, kind, count, width, height.');
    }

    public static function tooLarge(int $rows, int $most): self
    {
        return new self(sprintf('The file has %d rows; at most %d can be read at once. Split it.', $rows, $most));
    }

    public static function unreadable(): self
    {
        return new self('The text of this file cannot be read. Save it as CSV in UTF-8.');
    }

    /** @param list<string> $heads */
    public static function withoutKey(string $key, array $heads): self
    {
        return new self(sprintf(
            'No column for the %1$s was found among: %2$s. Call one of them “%1$s”.',
            $key,
            mb_strimwidth(implode(', ', $heads), 0, 160, '…'),
        ));
    }

    public static function twice(string $field, string $one, string $two): self
    {
        return new self(sprintf('“%s” and “%s” would both be the %s. Rename one of them.', $one, $two, $field));
    }
}
