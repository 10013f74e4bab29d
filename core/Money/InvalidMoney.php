<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Money;

use BrightCupboard\Core\CoreException;

/** A price, offer or count that cannot be taken. */
final class InvalidMoney extends \DomainException implements CoreException
{
    public static function unreadable(string $text): self
    {
        return new self(sprintf('“%s” is not an amount. Write it like 12.50.', mb_strimwidth($text, 0, 40, '…')));
    }

    public static function negative(string $text): self
    {
        return new self(sprintf('An amount cannot be negative, got %s.', $text));
    }

    public static function tooMuch(): self
    {
        return new self('An amount can be at most 1,000,000.00.');
    }

    public static function percent(int $percent): self
    {
        return new self(sprintf('An offer takes off 0 to 100 percent, got %d.', $percent));
    }

    public static function pack(int $packSize, int $needed): self
    {
        return new self(sprintf('A pack holds 1 to 1,000 and 1 to 1,000 can be needed, got a pack of %d and %d needed.', $packSize, $needed));
    }

    public static function deal(int $take, int $pay): self
    {
        return new self(sprintf('“Take %d, pay for %d” is not an offer: pay for at least 1 and fewer than are taken.', $take, $pay));
    }

    public static function notAWholeNumber(string $text): self
    {
        return new self(sprintf('“%s” is not a whole number. Write one such as 40.', mb_strimwidth($text, 0, 40, '…')));
    }

    public static function notAnOffer(string $text): self
    {
        return new self(sprintf('“%s” is not an offer: write 40 %%, 2.50 off, or 3 for 2.', mb_strimwidth($text, 0, 40, '…')));
    }
}
