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
 * spot can be dressed; from a later to an earlier one it goes on the earlier.
 */
final readonly class DayShare
{
    /**
     * @param array<string, int> $turns   of the days that spots are done on, by id of the spot; the earlier day has the lower turn
     * @param int                $swapDay turn of the day that everything else is done on
     */
    public function __construct(private array $turns = [], private int $swapDay = 0) {}

    public function turnOf(?string $spotId): int
    {
        return $this->turns[$spotId ?? ''] ?? $this->swapDay;
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
            $comes = $this->comes($move);
            $goes = PlaceKind::Spot === $move->from->kind ? min($this->turnOf($move->from->id), $comes) : $comes;
            if ($comes === $turn) {
                $mine[] = $goes === $turn ? $move : new PlannedMove($move->piece, $move->count, $table, $move->to);
            } elseif ($goes === $turn) {
                $mine[] = new PlannedMove($move->piece, $move->count, $move->from, $table);
            }
        }

        return $mine;
    }

    private function comes(PlannedMove $move): int
    {
        return match (true) {
            PlaceKind::Spot === $move->to->kind => $this->turnOf($move->to->id),
            PlaceKind::Spot === $move->from->kind => $this->turnOf($move->from->id),
            default => $this->swapDay,
        };
    }
}
