<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Day;

/** Somebody who works on a day: what they may do, and from when to when they are there. */
final readonly class Hand
{
    /**
     * @param bool     $climbs may stand on a ladder
     * @param bool     $lifts  may carry what is heavy
     * @param int|null $from   minute of the day; null from the start
     * @param int|null $until  minute of the day; null to the end
     *
     * @throws InvalidDay
     */
    public function __construct(public string $name, public bool $climbs = true, public bool $lifts = true, public ?int $from = null, public ?int $until = null)
    {
        if (null !== $from && null !== $until && $until <= $from) {
            throw InvalidDay::goesBeforeComing($name);
        }
    }
}
