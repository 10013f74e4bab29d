<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Plan;

use BrightCupboard\Core\CoreException;

final class InvalidPlan extends \DomainException implements CoreException
{
    public static function notFree(string $name, int $wanted, int $free): self
    {
        return new self($free < 1
            ? sprintf('Every %s is placed already, lent or lost.', $name)
            : sprintf('Only %d of %s %s free, %d were asked for.', $free, $name, 1 === $free ? 'is' : 'are', $wanted));
    }

    public static function plannedElsewhere(string $name, string $spot, Choice $choice): self
    {
        return new self(sprintf('%s is planned for %s. Take it off there first, then let it %s.', $name, $spot, $choice->value));
    }
}
