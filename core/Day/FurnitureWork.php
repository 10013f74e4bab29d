<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Day;

use BrightCupboard\Core\Floor\Rearrangement;

/** Furniture is moved in the bare room: after everything was taken down in it, before it is cleaned and set up. */
final readonly class FurnitureWork
{
    private const CAUTION = 'Felt sliders under the legs, emptied and unplugged first; what is heavy is for two. Leads never under a rug.';

    /**
     * @param list<DayTask> $tasks  of the day
     * @param string        $roomId
     * @param string        $room   name, as the tasks are grouped by
     * @param list<string>  $steps  in words, in working order
     *
     * @return list<DayTask> with the furniture of the room moved where its turn is
     */
    public static function into(array $tasks, string $roomId, string $room, Rearrangement $rearrangement, array $steps): array
    {
        if ([] === $rearrangement->moves) {
            return $tasks;
        }
        $isOfRoom = static fn(DayTask $task, Phase ...$phases): bool => $task->group === $room && \in_array($task->phase, $phases, true);
        $down = array_values(array_map(
            static fn(DayTask $task): string => $task->key,
            array_filter($tasks, static fn(DayTask $task): bool => $isOfRoom($task, Phase::TakeDown)),
        ));
        $minutes = $rearrangement->minutes();
        $isForTwo = $rearrangement->isForTwo();
        $effort = new Effort($minutes, $isForTwo ? 2 : 1, lifts: $isForTwo, byRule: $minutes);
        $move = new DayTask(
            Phase::MoveFurniture->value . ':room:' . $roomId,
            Phase::MoveFurniture,
            'Rearrange ' . $room,
            $room,
            [],
            $effort,
            $steps,
            [self::CAUTION],
            $down,
            null,
        );
        $before = array_filter($tasks, static fn(DayTask $task): bool => $task->phase->order() <= Phase::TakeDown->order());
        $after = array_filter($tasks, static fn(DayTask $task): bool => $task->phase->order() > Phase::TakeDown->order());

        return [
            ...array_values($before),
            $move,
            ...array_values(array_map(
                static fn(DayTask $task): DayTask => $isOfRoom($task, Phase::Clean, Phase::SetUp) ? $task->alsoAfter($move->key) : $task,
                $after,
            )),
        ];
    }
}
