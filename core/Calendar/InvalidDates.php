<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Calendar;

use BrightCupboard\Core\CoreException;

final class InvalidDates extends \DomainException implements CoreException
{
    /** @param 'swapDay'|'strikeOn' $date that has to be another */
    private function __construct(public readonly string $date, string $message)
    {
        parent::__construct($message);
    }

    public static function none(): self
    {
        return new self('swapDay', 'Choose a swap day, or the day by which it has to stand.');
    }

    public static function dressedTooLate(\DateTimeImmutable $dressBy): self
    {
        return new self('swapDay', sprintf('It has to stand by %s. Choose that day or an earlier one, or leave it empty.', $dressBy->format('j F')));
    }

    public static function struckTooEarly(): self
    {
        return new self('strikeOn', 'It is struck after its swap day. Choose a later day, or none.');
    }

    public static function neverStood(\DateTimeImmutable $dressBy): self
    {
        return new self('strikeOn', sprintf('It has to stand by %s and is struck after that. Choose a later day, or none.', $dressBy->format('j F')));
    }
}
