<?php

declare(strict_types=1);

namespace App;

use Symfony\Bundle\FrameworkBundle\Kernel\MicroKernelTrait;
use Symfony\Component\Clock\Clock;
use Symfony\Component\Clock\MockClock;
use Symfony\Component\HttpKernel\Kernel as BaseKernel;

final class Kernel extends BaseKernel
{
    use MicroKernelTrait;

    /** A pinned day stands still at nine in the morning, for the demo's pictures and the tests. */
    public function boot(): void
    {
        parent::boot();
        $day = $this->getContainer()->getParameter('app.pinned_day');
        if (\is_string($day) && '' !== $day) {
            Clock::set(new MockClock(new \DateTimeImmutable($day . ' 09:00')));
        }
    }
}
