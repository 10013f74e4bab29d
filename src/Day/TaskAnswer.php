<?php

declare(strict_types=1);

namespace App\Day;

use App\Entity\StoredTask;
use BrightCupboard\Core\Day\Phase;
use BrightCupboard\Core\Day\Schedule;
use BrightCupboard\Core\Day\Slot;
use BrightCupboard\Core\Stock\Move;

/** A task of the day; start and end in minutes of the day, lanes as places in the crew. */
final readonly class TaskAnswer
{
    /**
     * @param list<TaskMoveAnswer> $moves
     * @param list<int>            $lanes      one, or two where two are needed
     * @param list<string>         $steps      what is done in it beside the moves
     * @param list<string>         $cautions
     * @param bool                 $isLate     whether it ends after the day has to be over
     * @param bool                 $isUnmanned whether people are missing for it, or those who may do it
     * @param bool                 $isOverfull whether it lays out more than there is room for
     * @param int|null             $took       minutes, null when nobody knows
     */
    private function __construct(
        public string $id,
        public Phase $phase,
        public string $title,
        public string $group,
        public ?string $spot,
        public array $moves,
        public int $minutes,
        public int $start,
        public int $end,
        public array $lanes,
        public int $hands,
        public bool $climbs,
        public bool $lifts,
        public array $steps,
        public array $cautions,
        public bool $opensTote,
        public bool $isLate,
        public bool $isUnmanned,
        public bool $isOverfull,
        public bool $isDone,
        public ?string $doneBy,
        public ?int $took,
    ) {}

    public static function of(StoredTask $stored, Schedule $schedule, ?int $took): self
    {
        $task = $stored->task;
        $slot = $schedule->slots[$task->key] ?? new Slot(0, 0, []);

        return new self(
            $stored->id,
            $task->phase,
            $task->title,
            $task->group,
            $task->spot,
            array_map(
                static fn(Move $move): TaskMoveAnswer => new TaskMoveAnswer($move->pieceId, $move->count, $move->from->key(), $move->to->key()),
                $task->moves,
            ),
            $task->effort->minutes,
            $slot->start,
            $slot->end,
            $slot->lanes,
            $task->effort->hands,
            $task->effort->climbs,
            $task->effort->lifts,
            $task->steps,
            $task->cautions,
            null !== $task->opensTote,
            \in_array($task->key, $schedule->late, true),
            \in_array($task->key, $schedule->unmanned, true),
            \in_array($task->key, $schedule->overfull, true),
            null !== $stored->tick,
            $stored->tick?->by,
            $took,
        );
    }
}
