<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Look;

use BrightCupboard\Core\CoreException;

/** A look that nothing could be judged by. */
final class InvalidLook extends \DomainException implements CoreException
{
    public static function unnamedRibbon(): self
    {
        return new self('Every ribbon needs a name, such as “Juniper”.');
    }

    public static function ribbonShare(string $name, int $percent): self
    {
        return new self(sprintf('The ribbon “%s” needs a share from 1 to 100 %%, got %d %%.', mb_strimwidth($name, 0, 40, '…'), $percent));
    }

    public static function ribbonCount(int $count, int $most): self
    {
        return new self(0 === $count
            ? 'A look needs at least one ribbon: add the colour that is to be seen most.'
            : sprintf('A look has at most %d ribbons, got %d.', $most, $count));
    }

    public static function sharesDoNotSum(int $percent): self
    {
        return new self(sprintf('The ribbon shares must add up to 100 %%, they add up to %d %%.', $percent));
    }

    public static function mood(int $mood): self
    {
        return new self(sprintf('The mood goes from 0 (airy) to 100 (layered), got %d.', $mood));
    }
}
