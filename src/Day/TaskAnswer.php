<?php

declare(strict_types=1);

namespace App\Day;

use App\Entity\SheetTask;
use BrightCupboard\Core\Day\DayTask;
use BrightCupboard\Core\Day\Phase;
use BrightCupboard\Core\Day\Slot;
use BrightCupboard\Core\Stock\Move;

/** A task of the day; start in minutes from the beginning, lane 0 or 1, null when it takes both. */
final readonly class TaskAnswer
{
    /**
     * @param list<TaskMoveAnswer> $moves
     * @param list<string>       $cautions
     */
    private function __construct(
        public string $id,
        public Phase $phase,
        public string $title,
        public string $group,
        public array $moves,
        public int $minutes,
        public int $start,
        public ?int $lane,
        public int $hands,
        public array $cautions,
        public bool $opensTote,
        public bool $isDone,
        public ?string $doneBy,
    ) {}

    public static function of(SheetTask $stored, DayTask $task, Slot $slot): self
    {
        return new self(
            $stored->id(),
            $task->phase,
            $task->title,
            $task->group,
            array_map(static fn(Move $move): TaskMoveAnswer => new TaskMoveAnswer($move->pieceId, $move->count, $move->from->key(), $move->to->key()), $task->moves),
            $task->minutes,
            $slot->start,
            $slot->lane,
            $task->hands,
            $task->cautions,
            null !== $task->opensTote,
            $stored->isDone(),
            $stored->doneBy(),
        );
    }
}
