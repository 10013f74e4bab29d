<?php

declare(strict_types=1);

namespace App\Day;

use App\Entity\Swap;
use App\Entity\WorkDay;
use BrightCupboard\Core\Day\Carriers;
use BrightCupboard\Core\Day\DayShare;
use BrightCupboard\Core\Day\Waits;
use BrightCupboard\Core\Plan\Plan;
use BrightCupboard\Core\Plan\PlannedMove;

/** The days of a swap with what the traditions of the home hold back in it. */
final readonly class DaysOfSwap
{
    /** @param list<WorkDay> $beside the swap day, in the order of their dates */
    public function __construct(private Swap $swap, public array $beside, public Waits $waits) {}

    /** The day on which the furniture is moved, in the rooms that are emptied then; null: the swap day. */
    public function ofFurniture(): ?WorkDay
    {
        foreach ($this->beside as $day) {
            if ($day->movesFurniture()) {
                return $day;
            }
        }

        return null;
    }

    /** @return array<string, int> the turn of each by its id, of the swap day by the empty one; an earlier day has a lower turn */
    public function turns(): array
    {
        $turns = ['' => 0];
        foreach ($this->beside as $i => $day) {
            $turns[$day->id()] = $day->date() < $this->swap->swapDay() ? $i - 1000 : $i + 1;
        }

        return $turns;
    }

    /**
     * How the plan is shared among the days.
     *
     * @param list<PlannedMove> $moves of the plan
     */
    public function share(Plan $plan, array $moves): DayShare
    {
        $turns = $this->turns();
        $spots = [];
        $own = array_fill_keys($this->swap->working()->ownPieces(), 0);
        $dates = [0 => $this->swap->swapDay()];
        foreach ($this->beside as $day) {
            $turn = $turns[$day->id()];
            if (!$day->isLook()) {
                $dates[$turn] = $day->date();
            }
            foreach ($day->spots() as $spot) {
                $spots[$spot] = $turn;
            }
            $own += array_fill_keys($day->working()->ownPieces(), $turn);
        }
        ksort($dates);
        $carriers = $this->areShared() ? Carriers::of($plan, $moves) : new Carriers();

        return new DayShare($spots, 0, $this->waits, $dates, $own, $carriers);
    }

    /** Whether things of one spot may come on several days: pieces have days of their own, or wait by a tradition. */
    public function areShared(): bool
    {
        $hasOwn = array_filter([null, ...$this->beside], fn(?WorkDay $day): bool => [] !== WorkDays::working($this->swap, $day)->ownPieces());

        return [] !== $hasOwn || '' !== $this->waits->fingerprint();
    }
}
