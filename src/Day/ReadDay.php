<?php

declare(strict_types=1);

namespace App\Day;

use App\Entity\StoredTask;
use App\Entity\Swap;
use App\Entity\WorkDay;
use App\Haul\BuyTotes;
use App\Repository\SheetRepository;
use App\Swaps\Differences;
use App\WorkedOut\WorkedOut;
use BrightCupboard\Core\Day\DayTask;
use BrightCupboard\Core\Day\Hand;
use BrightCupboard\Core\Day\Lanes;
use BrightCupboard\Core\Day\Pace;
use BrightCupboard\Core\Day\Pause;
use BrightCupboard\Core\Day\Phase;
use BrightCupboard\Core\Day\Schedule;
use BrightCupboard\Core\Day\Tick;
use BrightCupboard\Core\Day\Wait;
use BrightCupboard\Core\Plan\PlannedMove;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

#[AsController]
final readonly class ReadDay
{
    public function __construct(
        private SheetRepository $sheets,
        private SheetBases $bases,
        private Differences $differences,
        private DayWarnings $warnings,
        private BuyTotes $totes,
        private WorkedOut $workedOut,
    ) {}

    #[Route('/api/homes/{home}/swaps/{swap}/day', methods: ['GET'])]
    #[Route('/api/homes/{home}/swaps/{swap}/days/{day}', name: 'readOtherDay', methods: ['GET'])]
    public function __invoke(Swap $swap, ?WorkDay $day): DayAnswer
    {
        $basis = $this->bases->of($swap);
        $isBuilt = null !== WorkDays::working($swap, $day)->sheetBuiltAt();
        $isStale = $isBuilt && WorkDays::working($swap, $day)->sheetPlan() !== $basis->fingerprint();

        return $this->of($basis, $day, $this->sheets->of($swap, $day), $isStale);
    }

    /**
     * The day where all that it is made of is at hand.
     *
     * @param list<StoredTask> $stored  in the order of the sheet
     * @param bool             $isStale whether it was worked out from another plan than the one of now
     */
    public function of(SheetBasis $basis, ?WorkDay $day, array $stored, bool $isStale): DayAnswer
    {
        [$swap, $share, $difference] = [$basis->swap, $basis->share, $basis->difference];
        $working = WorkDays::working($swap, $day);
        [$crew, $hours] = [$working->crew(), $working->hours()];
        $tasks = array_map(static fn(StoredTask $one): DayTask => $one->task, $stored);
        $byPhase = $tasks;
        usort($byPhase, static fn(DayTask $a, DayTask $b): int => $a->phase->order() <=> $b->phase->order());
        $schedule = $this->workedOut->get(
            "schedule {$swap->id()} {$day?->id()}",
            [$crew, $hours, $working->table(), $byPhase],
            static fn(): Schedule => (new Lanes($crew, $hours, $working->table()))->schedule($byPhase),
        );
        $isThePlan = [] === $share->on($basis->turnOf($day), $difference->moves);
        $lengths = $swap->home()->lengths();
        $tote = $this->differences->toteToBuy($swap, $difference);
        $ticks = [];
        foreach ($stored as $one) {
            if (null !== $one->tick) {
                $ticks[$one->id] = $one->tick;
            }
        }
        $took = Tick::took($ticks);

        return new DayAnswer(
            $day?->id(),
            $day?->name() ?? 'Swap day',
            ($day?->date() ?? $swap->swapDay())->format('Y-m-d'),
            $this->daysOf($swap, $basis->days->beside),
            null !== $working->sheetBuiltAt(),
            $isStale,
            $isThePlan,
            $hours->start,
            $hours->latestEnd,
            array_map(static fn(Pause $pause): PauseAnswer => new PauseAnswer($pause->at, $pause->minutes), $hours->pauses),
            array_map(static fn(Hand $hand): HandAnswer => new HandAnswer($hand->name, $hand->climbs, $hand->lifts, $hand->from, $hand->until), $crew->hands),
            $lengths->write($working->layWidth()) . ' x ' . $lengths->write($working->layDepth()),
            (int) round(100 * $schedule->mostLaid / max(1, $working->table())),
            $day?->spots() ?? [],
            $working->ownPieces(),
            $day?->isLook() ?? false,
            $day?->movesFurniture() ?? false,
            $schedule->finish,
            $schedule->worked,
            $schedule->longestChain,
            $schedule->workShared,
            $this->pace($basis->pace),
            \count($ticks),
            array_map(static fn(StoredTask $one): TaskAnswer => TaskAnswer::of($one, $schedule, $took[$one->id] ?? null), $stored),
            [
                ...$this->warnings->ofPlan($basis->plan, $difference, $tote, $lengths),
                ...$this->warnings->inTheWay($share->inTheWay($difference->moves)),
                ...$this->warnings->ofSchedule($schedule, $byPhase, $working),
            ],
            $this->waiting($swap, $share->dayless($difference->moves)),
            null === $tote || $this->totes->areListed($swap) ? 0 : $tote->count,
            ($day ?? $swap)->version(),
        );
    }

    /**
     * @param list<WorkDay> $beside the swap day
     *
     * @return list<DayOfSwapAnswer>
     */
    private function daysOf(Swap $swap, array $beside): array
    {
        $days = [new DayOfSwapAnswer(null, 'Swap day', $swap->swapDay()->format('Y-m-d'))];
        foreach ($beside as $day) {
            $days[] = new DayOfSwapAnswer($day->id(), $day->name(), $day->date()->format('Y-m-d'));
        }
        usort($days, static fn(DayOfSwapAnswer $a, DayOfSwapAnswer $b): int => $a->date <=> $b->date);

        return $days;
    }

    /**
     * @param list<array{PlannedMove, Wait}> $dayless what waits for a day that the swap does not have
     *
     * @return list<WaitingAnswer> by what waits, in the words of the home
     */
    private function waiting(Swap $swap, array $dayless): array
    {
        $groups = [];
        foreach ($dayless as [$move, $wait]) {
            $groups[$wait->what][] = [$move, $wait];
        }
        $answers = [];
        foreach ($groups as $what => $of) {
            $names = array_values(array_unique(array_map(static fn(array $one): string => $one[0]->piece->name, $of)));
            $until = $of[0][1]->until;
            $answers[] = new WaitingAnswer($what, $until->format('Y-m-d'), $names, null !== $swap->strikeOn() && $until >= $swap->strikeOn());
        }

        return $answers;
    }

    /** @return list<PaceAnswer> */
    private function pace(Pace $pace): array
    {
        $measured = array_values(array_filter(Phase::cases(), static fn(Phase $phase): bool => $pace->measured($phase) > 0));

        return array_map(static fn(Phase $phase): PaceAnswer => new PaceAnswer($phase, round($pace->factor($phase), 2), $pace->measured($phase)), $measured);
    }
}
