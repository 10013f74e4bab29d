<?php

declare(strict_types=1);

namespace App\Day;

use App\Entity\Swap;
use App\Entity\WorkDay;
use App\Http\Body;
use App\Http\InvalidInput;
use App\Journal\Journal;
use App\Repository\HouseRepository;
use App\Swaps\Differences;
use App\Swaps\Plans;
use BrightCupboard\Core\Plan\Plan;
use BrightCupboard\Core\Plan\PlannedMove;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

/** Moves spots and single pieces to another day of the swap; sheets that were worked out are laid out anew. */
#[AsController]
final readonly class MoveToDay
{
    public function __construct(
        private EntityManagerInterface $entities,
        private Plans $plans,
        private Differences $differences,
        private HouseRepository $spots,
        private WorkDays $days,
        private SheetBases $bases,
        private DayDates $dates,
        private LayOutSheet $layOut,
        private Journal $journal,
    ) {}

    #[Route('/api/homes/{home}/swaps/{swap}/day-moves', methods: ['POST'])]
    public function __invoke(Swap $swap, #[Body] MoveToDayInput $input): DayOfSwapAnswer
    {
        $plan = $this->plans->of($swap)->plan;
        $difference = $this->differences->of($swap, $plan);
        $what = $this->named($swap, $plan, $input);
        $day = match ($input->target) {
            DayTarget::NewDay => $this->newDay($swap, $input),
            DayTarget::OtherDay => $this->known($swap, $input->day),
            default => null,
        };
        $date = $day?->date() ?? $swap->swapDay();
        if (DayTarget::WithItsSpot !== $input->target) {
            $this->dates->refusePast($date, DayTarget::NewDay === $input->target ? 'date' : 'target');
            $mine = array_filter($difference->moves, static fn(PlannedMove $move): bool => \in_array($move->piece->id, $input->pieces, true));
            $this->dates->refuseTooEarly($swap, $date, $input->spots, array_values($mine), DayTarget::NewDay === $input->target ? 'date' : 'target');
        }
        $this->give($swap, $day, $input);
        $this->entities->flush();
        $basis = $this->bases->with($swap, $plan, $difference);
        if (DayTarget::WithItsSpot !== $input->target) {
            $this->refuseBeforeItsCarrier($basis, $input);
        }
        foreach ($this->days->all($swap) as $one) {
            if (null !== WorkDays::working($swap, $one)->sheetBuiltAt()) {
                ($this->layOut)($basis, $one);
            }
        }
        $where = DayTarget::WithItsSpot === $input->target ? 'done with its spot again' : sprintf('done on %s', $date->format('j F'));
        $this->journal->say(sprintf('%s: %s', 1 === \count($what) ? $what[0] : sprintf('%s and %d more', $what[0], \count($what) - 1), $where));
        $this->entities->flush();

        return new DayOfSwapAnswer($day?->id(), $day?->name() ?? 'Swap day', $date->format('Y-m-d'));
    }

    /** Each spot and piece is on one day. */
    private function give(Swap $swap, ?WorkDay $day, MoveToDayInput $input): void
    {
        foreach ($this->days->all($swap) as $one) {
            $one?->leaveSpots(...$input->spots);
            WorkDays::working($swap, $one)->leavePieces(...$input->pieces);
        }
        $day?->takeSpots(...$input->spots);
        if (DayTarget::WithItsSpot !== $input->target) {
            WorkDays::working($swap, $day)->takePieces(...$input->pieces);
        }
    }

    /** @throws InvalidInput that names what a piece trims, fills or stands on, where that comes later */
    private function refuseBeforeItsCarrier(SheetBasis $basis, MoveToDayInput $input): void
    {
        foreach ($basis->difference->moves as $move) {
            $carrier = \in_array($move->piece->id, $input->pieces, true) ? $basis->share->carrierComingLater($move) : null;
            if (null !== $carrier) {
                throw InvalidInput::at('target', sprintf(
                    '%s goes on or in the %s, which comes later. Choose the day of that one or a later one, or move both.',
                    $move->piece->name,
                    $carrier->piece->name,
                ));
            }
        }
    }

    private function newDay(Swap $swap, MoveToDayInput $input): WorkDay
    {
        $name = trim($input->name);
        if ('' === $name) {
            throw InvalidInput::at('name', 'The new day needs a name.');
        }
        $day = new WorkDay($swap, $name, $this->dates->free($swap, null, $input->date, false));
        $day->working()->likeThatOf($swap->working());
        $this->entities->persist($day);

        return $day;
    }

    private function known(Swap $swap, ?string $id): WorkDay
    {
        foreach ($this->days->beside($swap) as $day) {
            if ($day->id() === $id) {
                return $day;
            }
        }

        throw InvalidInput::at('target', 'That day is not there any more. Reload to see how things are.');
    }

    /**
     * @return non-empty-list<string> by name
     *
     * @throws InvalidInput
     */
    private function named(Swap $swap, Plan $plan, MoveToDayInput $input): array
    {
        $names = [];
        foreach ($input->spots as $id) {
            $names[] = $this->spots->spot($swap->home(), $id)?->name()
                ?? throw InvalidInput::at('spots', 'One of these spots is not there any more. Reload to see how things are.');
        }
        foreach ($input->pieces as $id) {
            $names[] = isset($plan->stock[$id])
                ? $plan->stock[$id]->name
                : throw InvalidInput::at('pieces', 'One of these pieces is not there any more. Reload to see how things are.');
        }
        if ([] !== $input->spots && DayTarget::WithItsSpot === $input->target) {
            throw InvalidInput::at('target', 'Only a piece goes with its spot; a spot needs a day.');
        }

        return [] === $names ? throw InvalidInput::at('pieces', 'Choose what is to be done on another day.') : $names;
    }
}
