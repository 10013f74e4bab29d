<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Day;

use BrightCupboard\Core\Surface\Spot;

/** Some days after a swap: what stands is looked at again, a spot at a time; of each only what could be better. */
final readonly class SecondLook
{
    /** Minutes to put one thing right that was found (memory). */
    private const PUTTING_RIGHT = 2;

    public function __construct(private Durations $durations = new Durations()) {}

    /**
     * @param string       $room
     * @param list<string> $points what could be better, in words
     */
    public function task(Spot $spot, string $room, array $points): DayTask
    {
        $minutes = $this->durations->minutes(Phase::LookAgain, []) + self::PUTTING_RIGHT * \count($points);
        $phase = Phase::LookAgain;

        return new DayTask(
            $phase->value . ':spot:' . $spot->id,
            $phase,
            $spot->name,
            $room,
            [],
            new Effort($minutes, byRule: $minutes),
            [] === $points ? ['Nothing was left open: stand back and look.'] : $points,
            [],
            [],
            null,
            $spot->id,
        );
    }
}
