<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Day;

use BrightCupboard\Core\Plan\PlannedMove;
use BrightCupboard\Core\Stock\Place;
use BrightCupboard\Core\Stock\PlaceKind;

/**
 * Which moves of a plan fall on which of its days.
 *
 * What comes to a spot comes on the day of that spot; what rests or leaves goes on the day of the spot it stood on. What
 * moves from a spot of an earlier day to one of a later day is taken down on the earlier and waits on the table, so that the earlier
 * spot can be dressed; from a later to an earlier one it goes on the earlier. What is not put out before a day comes on
 * the first day of the swap that is late enough, and where there is none it is left where it is.
 */
final readonly class DayShare
{
    /**
     * @param array<string, int>             $turns   of the days that spots are done on, by id of the spot; the earlier day has the lower turn
     * @param int                            $swapDay turn of the day that everything else is done on
     * @param array<int, \DateTimeImmutable> $dates   of the days on which pieces are put out, by turn, earlier ones first; needed where something waits
     */
    public function __construct(private array $turns = [], private int $swapDay = 0, private Waits $waits = new Waits(), private array $dates = []) {}

    /** Null when the spot has to wait and the swap has no day that is late enough. */
    public function turnOf(?string $spotId): ?int
    {
        return $this->notBefore($this->waits->ofSpot($spotId), $this->turns[$spotId ?? ''] ?? $this->swapDay);
    }

    /**
     * @param list<PlannedMove> $moves
     *
     * @return list<PlannedMove>
     */
    public function on(int $turn, array $moves): array
    {
        $table = Place::of(PlaceKind::Table);
        $mine = [];
        foreach ($moves as $move) {
            [$goes, $comes] = $this->turnsOf($move);
            if ($comes === $turn) {
                $mine[] = $goes === $turn ? $move : new PlannedMove($move->piece, $move->count, $table, $move->to);
            } elseif ($goes === $turn) {
                $mine[] = new PlannedMove($move->piece, $move->count, $move->from, $table);
            }
        }

        return $mine;
    }

    /**
     * What waits for a day that the swap does not have.
     *
     * @param list<PlannedMove> $moves
     *
     * @return list<array{PlannedMove, Wait}>
     */
    public function dayless(array $moves): array
    {
        $dayless = [];
        foreach ($moves as $move) {
            $wait = PlaceKind::Spot === $move->to->kind ? $this->waits->ofMove($move) : null;
            if (null !== $wait && null === $this->turnsOf($move)[1]) {
                $dayless[] = [$move, $wait];
            }
        }

        return $dayless;
    }

    /** @return array{?int, ?int} when it leaves where it is and when it comes to its place */
    private function turnsOf(PlannedMove $move): array
    {
        $comes = match (true) {
            PlaceKind::Spot === $move->to->kind => $this->notBefore($this->waits->ofMove($move), $this->turns[$move->to->id ?? ''] ?? $this->swapDay),
            PlaceKind::Spot === $move->from->kind => $this->turnOf($move->from->id),
            default => $this->swapDay,
        };
        $leaves = PlaceKind::Spot === $move->from->kind ? $this->turnOf($move->from->id) : $comes;

        return [null === $comes || null === $leaves ? $comes : min($leaves, $comes), $comes];
    }

    private function notBefore(?Wait $wait, int $turn): ?int
    {
        $until = $wait?->until;
        if (null === $until || ($this->dates[$turn] ?? $until) >= $until) {
            return $turn;
        }
        foreach ($this->dates as $later => $date) {
            if ($later > $turn && $date >= $until) {
                return $later;
            }
        }

        return null;
    }
}
