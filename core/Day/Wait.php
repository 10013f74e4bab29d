<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Day;

/** Until when something is not put out, and what it is in the words of the home. */
final readonly class Wait
{
    public function __construct(public \DateTimeImmutable $until, public string $what) {}

    public function later(?self $other): self
    {
        return null === $other || $other->until <= $this->until ? $this : $other;
    }
}
