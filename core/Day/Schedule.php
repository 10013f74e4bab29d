<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Day;

/** A day in lanes. The finish is a minute of the day, the two bounds are minutes of work. */
final readonly class Schedule
{
    /**
     * @param array<string, Slot> $slots        by key of the task
     * @param int                 $longestChain no day is shorter than its longest chain of tasks that wait for one another …
     * @param int                 $workShared   … nor than its work shared among all
     * @param list<string>        $late         keys of tasks that end after the day has to be over
     * @param list<string>        $unmanned     keys of tasks for which people, or those who may do them, are missing or would have to stay longer
     * @param int                 $mostLaid     square centimetres that lie on the table at its fullest
     * @param list<string>        $overfull     keys of tasks that lay out more than the table takes
     */
    public function __construct(
        public array $slots,
        public int $worked,
        public int $finish,
        public int $longestChain,
        public int $workShared,
        public array $late,
        public array $unmanned,
        public int $mostLaid,
        public array $overfull,
    ) {}
}
