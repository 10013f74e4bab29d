<?php

declare(strict_types=1);

namespace App\Day;

use App\Entity\Swap;
use App\Entity\WorkDay;
use App\Floor\PlannedFloor;
use App\Repository\SpotOnWalk;
use App\Workbench\SumOfDay;
use BrightCupboard\Core\Coach\Dressing;
use BrightCupboard\Core\Day\Carriers;
use BrightCupboard\Core\Day\DayShare;
use BrightCupboard\Core\Day\Pace;
use BrightCupboard\Core\Plan\Difference;
use BrightCupboard\Core\Plan\Fingerprint;
use BrightCupboard\Core\Plan\Plan;
use BrightCupboard\Core\Plan\Shift;

/** What the day sheets of a swap are worked out from, read once for an answer. */
final readonly class SheetBasis
{
    public DayShare $share;
    /** @var array<string, Dressing> the spots as they will be dressed, by id */
    public array $dressed;

    /**
     * @param list<Shift>                  $shifts    what stays at its spot and is to stand otherwise
     * @param array<string, SpotOnWalk>    $walk      through the house, by spot
     * @param list<SumOfDay>               $sums      kept for the swap
     * @param list<PlannedFloor>           $floors    of which something is to stand elsewhere
     * @param Pace                         $pace      how fast the home was until now
     */
    public function __construct(
        public Swap $swap,
        public Plan $plan,
        public Difference $difference,
        public DaysOfSwap $days,
        public array $shifts,
        public array $walk,
        public array $sums,
        public array $floors,
        public Pace $pace,
    ) {
        $this->share = $days->share($plan, $difference->moves);
        $this->dressed = array_map($plan->dressing(...), $plan->spots);
    }

    public function turnOf(?WorkDay $day): int
    {
        return $this->days->turns()[$day?->id() ?? ''];
    }

    /** @return array<string, string> what is to be known of spots beside their measures, by id, where there is something */
    public function notes(): array
    {
        return array_filter(array_column($this->walk, 'note', 'id'), static fn(string $note): bool => '' !== $note);
    }

    /** A sheet is out of date when this is another than when it was worked out. */
    public function fingerprint(): string
    {
        $waits = $this->days->waits->fingerprint();
        $days = array_map(
            static fn(WorkDay $day): array => [
                $day->id(),
                $day->spots(),
                ...($day->movesFurniture() ? ['furniture'] : []),
                ...$day->working()->ownPieces(),
                ...('' === $waits ? [] : [$day->date()->format('Y-m-d')]),
            ],
            $this->days->beside,
        );
        $shiftWords = new ShiftWords($this->swap->home()->lengths());

        return sha1(implode('', [
            Fingerprint::of($this->plan, $this->dressed),
            implode("\n", array_map($shiftWords->of(...), $this->shifts)),
            implode("\n", $this->notes()),
            implode(' ', array_map(static fn(SumOfDay $sum): string => $sum->id . ':' . $sum->version, $this->sums)),
            $this->furnitureFingerprint(),
            // What begins from an open swap is out of date when that one will leave things elsewhere.
            null === $this->swap->follows() ? '' : json_encode($this->plan->start->units, \JSON_THROW_ON_ERROR),
            $waits,
            implode(' ', $this->swap->working()->ownPieces()),
            $this->days->areShared() ? json_encode(Carriers::ties($this->plan), \JSON_THROW_ON_ERROR) : '',
            [] === $days ? '' : json_encode($days, \JSON_THROW_ON_ERROR),
        ]));
    }

    private function furnitureFingerprint(): string
    {
        $places = [];
        foreach ($this->floors as $floor) {
            foreach ($floor->planned as $id => $place) {
                $places[$id] = [$place->left->tenths(), $place->top->tenths(), $place->turns];
            }
        }
        ksort($places);

        return [] === $places ? '' : json_encode($places, \JSON_THROW_ON_ERROR);
    }
}
