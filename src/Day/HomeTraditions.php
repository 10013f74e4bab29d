<?php

declare(strict_types=1);

namespace App\Day;

use App\Calendar\Calendars;
use App\Calendar\KnownThings;
use App\Entity\Home;
use BrightCupboard\Core\Day\Wait;
use BrightCupboard\Core\Day\Waits;

/** The traditions of a home as they hold for a swap. */
final readonly class HomeTraditions
{
    public function __construct(private Calendars $calendars, private KnownThings $things) {}

    /** @param \DateTimeImmutable $from the first day of the swap */
    public function waits(Home $home, \DateTimeImmutable $from): Waits
    {
        $waits = ['spots' => [], 'kinds' => [], 'pieces' => []];
        foreach ($this->calendars->of($home)->feasts()->traditions as $tradition) {
            $until = $tradition->waitsUntil($from);
            if (null === $until) {
                continue;
            }
            // What is not called so any more holds nothing back; the calendar says so where it is changed.
            [$of, $keys] = $this->things->called($home, $tradition->what) ?? ['pieces', []];
            foreach ($keys as $key) {
                $waits[$of][$key] = (new Wait($until, $tradition->what))->later($waits[$of][$key] ?? null);
            }
        }

        return new Waits($waits['spots'], $waits['kinds'], $waits['pieces']);
    }
}
