<?php

declare(strict_types=1);

namespace App\Time;

/** The time it is; a pinned day stands still at nine in the morning, for the demo's pictures and the tests. */
final readonly class Now
{
    public function __construct(private string $pinnedDay) {}

    public function __invoke(): \DateTimeImmutable
    {
        return '' === $this->pinnedDay ? new \DateTimeImmutable() : new \DateTimeImmutable($this->pinnedDay . ' 09:00');
    }

    public function today(): \DateTimeImmutable
    {
        return ($this)()->setTime(0, 0);
    }
}
