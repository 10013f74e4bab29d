<?php

declare(strict_types=1);

namespace App\Day;

use App\Entity\SheetTask;
use App\Entity\Swap;
use App\Swaps\Plans;
use BrightCupboard\Core\Day\DayTask;
use BrightCupboard\Core\Day\Lanes;
use BrightCupboard\Core\Day\Slot;
use BrightCupboard\Core\Plan\Difference;
use BrightCupboard\Core\Plan\Plan;
use BrightCupboard\Core\Stock\Piece;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

#[AsController]
final readonly class ReadDay
{
    public function __construct(private EntityManagerInterface $entities, private Plans $plans, private DayPlan $house) {}

    #[Route('/api/homes/{home}/swaps/{swap}/day', methods: ['GET'])]
    public function __invoke(Swap $swap): DayAnswer
    {
        $plan = $this->plans->of($swap)->plan;

        return $this->of($swap, $this->stored($swap), $plan, $plan->difference($this->house->totes($swap->home())));
    }

    /**
     * The day where all that it is made of is at hand.
     *
     * @param list<SheetTask> $stored in the order of the sheet
     */
    public function of(Swap $swap, array $stored, Plan $plan, Difference $difference): DayAnswer
    {
        $tasks = array_map(static fn(SheetTask $task): DayTask => $task->task(), $stored);
        $byPhase = $tasks;
        usort($byPhase, static fn(DayTask $a, DayTask $b): int => $a->phase->order() <=> $b->phase->order());
        $schedule = (new Lanes($swap->people()))->schedule($byPhase);
        $isBuilt = null !== $swap->sheetBuiltAt();
        $views = array_map(static fn(SheetTask $one, DayTask $task): TaskAnswer => TaskAnswer::of($one, $task, $schedule->slots[$task->key] ?? new Slot(0, 0, null)), $stored, $tasks);

        return new DayAnswer(
            $isBuilt,
            $isBuilt && $swap->sheetPlan() !== $this->house->fingerprint($swap, $plan),
            [] === $difference->moves,
            $swap->people(),
            $schedule->finish,
            $schedule->longestChain,
            $schedule->workShared,
            \count(array_filter($stored, static fn(SheetTask $task): bool => $task->isDone())),
            $views,
            $this->warnings($plan, $difference),
        );
    }

    /** @return list<SheetTask> */
    private function stored(Swap $swap): array
    {
        return array_values($this->entities->getRepository(SheetTask::class)->findBy(['swap' => $swap], ['ordinal' => 'ASC']));
    }

    /** @return list<string> */
    private function warnings(Plan $plan, Difference $difference): array
    {
        $open = $plan->leftOpen();
        $name = static fn(Piece $piece): string => $piece->name;
        $missing = array_map(static fn(string $id): string => $plan->stock[$id]->name, array_keys($difference->missing));

        return array_values(array_filter([
            $this->say(array_map($name, $open->undecided), 'not decided yet, left standing'),
            $this->say(array_map($name, $open->homeless), 'to come out, but without a spot: left in store'),
            $this->say($missing, 'planned, but lent, lost or too few'),
            $this->say($difference->loose, 'without a tote that has room: stands beside them'),
        ], \is_string(...)));
    }

    /** @param list<string> $names */
    private function say(array $names, string $what): ?string
    {
        $some = implode(', ', \array_slice($names, 0, 3)) . (\count($names) > 3 ? sprintf(' and %d more', \count($names) - 3) : '');

        return [] === $names ? null : sprintf('%d %s: %s.', \count($names), $what, $some);
    }
}
