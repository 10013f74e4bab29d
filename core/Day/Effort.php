<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Day;

/** What a task takes. */
final readonly class Effort
{
    /**
     * @param int  $minutes for one pair of hands, or for both when two are needed
     * @param int  $hands   people needed at once, 1 or 2
     * @param bool $climbs  one of them stands on a ladder
     * @param bool $lifts   they carry what is heavy
     * @param int  $laid    square centimetres that it lays on the table, negative for what it clears
     * @param int  $byRule  minutes by the rule of thumb, before the pace of the home; 0 when nobody asked for it
     */
    public function __construct(
        public int $minutes,
        public int $hands = 1,
        public bool $climbs = false,
        public bool $lifts = false,
        public int $laid = 0,
        public int $byRule = 0,
    ) {}
}
