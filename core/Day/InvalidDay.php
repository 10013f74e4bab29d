<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Day;

use BrightCupboard\Core\CoreException;

final class InvalidDay extends \DomainException implements CoreException
{
    public static function start(): self
    {
        return new self('A day begins between 0:00 and 23:59.');
    }

    public static function endsBeforeItBegins(): self
    {
        return new self('The day ends before it begins. Give a later end, or none.');
    }

    public static function pause(): self
    {
        return new self('A break lies within the day, takes 5 minutes to 4 hours and does not run into the next one.');
    }

    public static function people(int $people): self
    {
        return new self(sprintf('A day is for one to six people; that would be %d.', $people));
    }

    public static function twice(string $name): self
    {
        return new self(sprintf('Two people are called “%s”. Give each a name of their own.', $name));
    }

    public static function goesBeforeComing(string $name): self
    {
        return new self(sprintf('%s would go before coming. Give a later time, or none.', $name));
    }
}
