<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Day;

use BrightCupboard\Core\Stock\Move;
use BrightCupboard\Core\Stock\Place;

/** What is still to be done with units that broke on the day: they are taken out of every task that was on their way. */
final class Breakage
{
    /**
     * Where several tasks would have taken them from the same place, the later phase loses them first: fewer come back
     * to storage, and what was to stand still stands as long as there are units for it.
     *
     * @param list<DayTask> $open  tasks not done yet, in sheet order
     * @param int           $units how many broke
     * @param Place         $at    where they were then
     *
     * @return array<string, list<Move>> moves of the tasks that change, by key; without the units, possibly none
     */
    public static function movesLeft(array $open, string $pieceId, int $units, Place $at): array
    {
        usort($open, static fn(DayTask $a, DayTask $b): int => $b->phase->order() <=> $a->phase->order());
        $left = $seen = [];
        for ($lost = [[$at, $units]]; null !== $next = array_shift($lost);) {
            [$place, $count] = $next;
            if (isset($seen[$place->key()])) {
                continue;
            }
            $seen[$place->key()] = true;
            foreach ($open as $task) {
                foreach ($left[$task->key] ?? $task->moves as $i => $move) {
                    $taken = $move->pieceId === $pieceId && $move->from->key() === $place->key() ? min($count, $move->count) : 0;
                    if ($taken > 0) {
                        $left[$task->key] ??= $task->moves;
                        $left[$task->key][$i] = new Move($pieceId, $move->count - $taken, $move->from, $move->to);
                        $lost[] = [$move->to, $taken];
                        $count -= $taken;
                    }
                }
            }
        }

        return array_map(static fn(array $moves): array => array_values(array_filter($moves, static fn(Move $move): bool => $move->count > 0)), $left);
    }
}
