<?php

declare(strict_types=1);

namespace App\Day;

/** The run of the day. All times in minutes. */
final readonly class DayAnswer
{
    /**
     * @param list<TaskAnswer> $tasks    in sheet order
     * @param list<string>   $warnings what the plan leaves open
     */
    public function __construct(
        public bool $isBuilt,
        public bool $isStale,
        public bool $isThePlan,
        public int $people,
        public int $finish,
        public int $longestChain,
        public int $workShared,
        public int $ticked,
        public array $tasks,
        public array $warnings,
    ) {}
}
