<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Day;

use BrightCupboard\Core\Plan\PlannedMove;
use BrightCupboard\Core\Stock\Place;
use BrightCupboard\Core\Stock\PlaceKind;
use BrightCupboard\Core\Stock\Whereabouts;

/**
 * Which moves of a plan fall on which of its days.
 *
 * What comes to a spot comes on the day of that spot; what rests or leaves goes on the day of the spot it stood on. What
 * moves from a spot of an earlier day to one of a later day is taken down on the earlier and waits on the table, so that the earlier
 * spot can be dressed; from a later to an earlier one it goes on the earlier. A piece that was given a day of its own is
 * moved on that day, whatever is done to its spots, and stays where it is until then. What is not put out before a day
 * comes on the first day of the swap that is late enough, and where there is none it is left where it is. Nothing comes to a
 * spot before what it trims, fills or stands on is there.
 */
final readonly class DayShare
{
    /**
     * @param array<string, int>             $turns   of the days that spots are done on, by id of the spot; the earlier day has the lower turn
     * @param int                            $swapDay turn of the day that everything else is done on
     * @param array<int, \DateTimeImmutable> $dates   of the days on which pieces are put out, by turn, earlier ones first; needed where something waits
     * @param array<string, int>             $own     turns of the days that pieces were given as their own, by id of the piece
     * @param Carriers                       $carriers needed where a piece has a day of its own or waits
     */
    public function __construct(
        private array $turns = [],
        private int $swapDay = 0,
        private Waits $waits = new Waits(),
        private array $dates = [],
        private array $own = [],
        private Carriers $carriers = new Carriers(),
    ) {}

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
            $wait = PlaceKind::Spot === $move->to->kind ? $this->waitOf($move) : null;
            if (null !== $wait && null === $this->turnsOf($move)[1]) {
                $dayless[] = [$move, $wait];
            }
        }

        return $dayless;
    }

    /**
     * What still stands, by a day of its own, where something else has come on an earlier day.
     *
     * @param list<PlannedMove> $moves
     *
     * @return list<PlannedMove> those that leave too late
     */
    public function inTheWay(array $moves): array
    {
        $dressed = [];
        foreach ($moves as $move) {
            $comes = PlaceKind::Spot === $move->to->kind ? $this->turnsOf($move)[1] : null;
            if (null !== $comes) {
                $dressed[$move->to->key()] = min($comes, $dressed[$move->to->key()] ?? $comes);
            }
        }

        return array_values(array_filter($moves, fn(PlannedMove $move): bool => isset($this->own[$move->piece->id], $dressed[$move->from->key()])
            && $this->turnsOf($move)[0] > $dressed[$move->from->key()]));
    }

    /**
     * What a piece would come before, had it the day that is its own or its spot's; it comes with that then.
     *
     * @return PlannedMove|null of what it trims, fills or stands on; null when it is there in time
     */
    public function carrierComingLater(PlannedMove $move): ?PlannedMove
    {
        $alone = $this->comesAlone($move);
        foreach (null === $alone ? [] : $this->carriers->bringing($move) as $carrier) {
            $comes = $this->comes($carrier, [$move->piece->id => true]);
            if (null === $comes || $comes > $alone) {
                return $carrier;
            }
        }

        return null;
    }

    /**
     * The spots on which something stays standing through a day.
     *
     * @param list<PlannedMove> $moves
     * @param Whereabouts       $now   before anything of the plan was moved
     *
     * @return array<string, true> by id
     */
    public function dressedThrough(int $turn, array $moves, Whereabouts $now): array
    {
        $units = [];
        foreach ($now->units as $places) {
            foreach ($places as $key => $count) {
                $units[$key] = ($units[$key] ?? 0) + $count;
            }
        }
        foreach ($moves as $move) {
            [$goes, $comes] = $this->turnsOf($move);
            if (null !== $goes && $goes <= $turn) {
                $units[$move->from->key()] = ($units[$move->from->key()] ?? 0) - $move->count;
            }
            if (null !== $comes && $comes < $turn) {
                $units[$move->to->key()] = ($units[$move->to->key()] ?? 0) + $move->count;
            }
        }
        $dressed = [];
        foreach ($units as $key => $count) {
            $place = $count > 0 ? Place::ofKey($key) : null;
            if (PlaceKind::Spot === $place?->kind) {
                $dressed[$place->id ?? ''] = true;
            }
        }

        return $dressed;
    }

    /** @return array{?int, ?int} when it leaves where it is and when it comes to its place */
    private function turnsOf(PlannedMove $move): array
    {
        $own = $this->own[$move->piece->id] ?? null;
        $comes = match (true) {
            PlaceKind::Spot === $move->to->kind => $this->comes($move),
            null !== $own => $own,
            PlaceKind::Spot === $move->from->kind => $this->turnOf($move->from->id),
            default => $this->swapDay,
        };
        $leaves = PlaceKind::Spot === $move->from->kind && null === $own ? $this->turnOf($move->from->id) : $comes;

        return [null === $comes || null === $leaves ? $comes : min($leaves, $comes), $comes];
    }

    /**
     * When something comes to its spot, not before what carries it there.
     *
     * @param array<string, true> $carried ids of the pieces that wait for the answer: two that seem to carry one another do not wait for each other
     */
    private function comes(PlannedMove $move, array $carried = []): ?int
    {
        $turn = $this->comesAlone($move);
        $carried[$move->piece->id] = true;
        foreach ($this->carriers->bringing($move) as $carrier) {
            $first = isset($carried[$carrier->piece->id]) ? $turn : $this->comes($carrier, $carried);
            $turn = null === $first || null === $turn ? null : max($turn, $first);
        }

        return $turn;
    }

    private function comesAlone(PlannedMove $move): ?int
    {
        return $this->notBefore($this->waits->ofMove($move), $this->own[$move->piece->id] ?? $this->turns[$move->to->id ?? ''] ?? $this->swapDay);
    }

    /**
     * @param array<string, true> $carried as in {@see comes()}
     *
     * @return Wait|null of the piece or of what carries it, whichever ends later
     */
    private function waitOf(PlannedMove $move, array $carried = []): ?Wait
    {
        $wait = $this->waits->ofMove($move);
        $carried[$move->piece->id] = true;
        foreach ($this->carriers->bringing($move) as $carrier) {
            $first = isset($carried[$carrier->piece->id]) ? null : $this->waitOf($carrier, $carried);
            $wait = $wait?->later($first) ?? $first;
        }

        return $wait;
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
