<?php

declare(strict_types=1);

namespace App\UseCase\Day;

use App\Entity\SheetTask;
use App\Entity\Swap;
use App\UseCase\Plan\SwapState;
use App\View\Day\DayView;
use App\View\Day\TaskView;
use BrightCupboard\Core\Swap\Choice;
use BrightCupboard\Core\Swap\DayTask;
use BrightCupboard\Core\Swap\Lanes;
use BrightCupboard\Core\Swap\Plan;
use BrightCupboard\Core\Swap\Slot;
use Doctrine\ORM\EntityManagerInterface;

final readonly class ReadDay
{
    public function __construct(private EntityManagerInterface $entities, private DayPlan $plan) {}

    public function __invoke(Swap $swap): DayView
    {
        $state = $this->plan->state($swap);

        return $this->of($swap, $this->stored($swap), $state, $this->plan->plan($state), $this->plan->fingerprint($state));
    }

    /**
     * The day where all that it is made of is at hand.
     *
     * @param list<SheetTask> $stored in the order of the sheet
     */
    public function of(Swap $swap, array $stored, SwapState $state, Plan $plan, string $fingerprint): DayView
    {
        $tasks = array_map(static fn(SheetTask $task): DayTask => $task->task(), $stored);
        $byPhase = $tasks;
        usort($byPhase, static fn(DayTask $a, DayTask $b): int => $a->phase->order() <=> $b->phase->order());
        $schedule = (new Lanes($swap->people()))->schedule($byPhase);
        $isBuilt = null !== $swap->sheetBuiltAt();
        $views = array_map(static fn(SheetTask $one, DayTask $task): TaskView => TaskView::of($one, $task, $schedule->slots[$task->key] ?? new Slot(0, 0, null)), $stored, $tasks);

        return new DayView(
            $isBuilt,
            $isBuilt && $swap->sheetPlan() !== $fingerprint,
            [] === $plan->moves,
            $swap->people(),
            $schedule->finish,
            $schedule->longestChain,
            $schedule->workShared,
            \count(array_filter($stored, static fn(SheetTask $task): bool => $task->isDone())),
            $views,
            $this->warnings($state, $plan),
        );
    }

    /** @return list<SheetTask> */
    private function stored(Swap $swap): array
    {
        return array_values($this->entities->getRepository(SheetTask::class)->findBy(['swap' => $swap], ['ordinal' => 'ASC']));
    }

    /** @return list<string> */
    private function warnings(SwapState $state, Plan $plan): array
    {
        $undecided = $brought = [];
        foreach ($state->catalogue as $id => $entry) {
            $choice = $state->choice($id);
            if (null === $choice && !isset($state->placed[$id]) && null !== $state->spotNow($id)) {
                $undecided[] = $entry->piece->name;
            }
            if ((Choice::Bring === $choice || Choice::Move === $choice) && !isset($state->placed[$id])) {
                $brought[] = $entry->piece->name;
            }
        }
        $missing = array_map(static fn(string $id): string => $state->catalogue[$id]->piece->name ?? '', array_keys($plan->missing));

        return array_values(array_filter([
            $this->say($undecided, 'not decided yet, left standing'),
            $this->say($brought, 'to come out, but without a spot: left in store'),
            $this->say($missing, 'planned, but lent, lost or too few'),
            $this->say($plan->loose, 'without a tote that has room: stands beside them'),
        ], \is_string(...)));
    }

    /** @param list<string> $names */
    private function say(array $names, string $what): ?string
    {
        $some = implode(', ', \array_slice($names, 0, 3)) . (\count($names) > 3 ? sprintf(' and %d more', \count($names) - 3) : '');

        return [] === $names ? null : sprintf('%d %s: %s.', \count($names), $what, $some);
    }
}
