<?php

declare(strict_types=1);

namespace App\Day;

/** The run of a day. Times are minutes of the day, durations minutes. */
final readonly class DayAnswer
{
    /**
     * @param string|null      $id           null for the swap day itself
     * @param list<DayOfSwapAnswer> $days        all days of the swap in the order of their dates
     * @param list<PauseAnswer> $pauses
     * @param list<HandAnswer> $crew         in the order of the lanes
     * @param string           $layRoom      what can be laid out at once, as people write it
     * @param int              $mostLaid     percent of it that is taken at the fullest
     * @param list<string>     $spots        ids of those done on this day and not on the swap day
     * @param list<string>     $ownPieces    ids of those moved on this day whatever the day of their spots
     * @param bool             $isLook       whether what stands is looked at again on it
     * @param bool             $movesFurniture whether the furniture is moved on it and not on the swap day
     * @param list<PaceAnswer> $pace         phases in which the home goes at its own pace
     * @param list<TaskAnswer> $tasks        in sheet order
     * @param list<string>     $warnings     what the plan leaves open
     * @param list<WaitingAnswer> $waiting   what a tradition holds back and no day of the swap is late enough for
     * @param int              $totesToBuy   for what has no room; 0 when they are on the list already
     */
    public function __construct(
        public ?string $id,
        public string $name,
        public string $date,
        public array $days,
        public bool $isBuilt,
        public bool $isStale,
        public bool $isThePlan,
        public int $start,
        public ?int $latestEnd,
        public array $pauses,
        public array $crew,
        public string $layRoom,
        public int $mostLaid,
        public array $spots,
        public array $ownPieces,
        public bool $isLook,
        public bool $movesFurniture,
        public int $finish,
        public int $worked,
        public int $longestChain,
        public int $workShared,
        public array $pace,
        public int $ticked,
        public array $tasks,
        public array $warnings,
        public array $waiting,
        public int $totesToBuy,
        public int $version,
    ) {}
}
