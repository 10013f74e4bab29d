<?php

declare(strict_types=1);

namespace App\Day;

use App\Entity\SheetTask;
use App\Entity\Swap;
use App\Entity\WorkDay;
use BrightCupboard\Core\Day\DayTask;
use BrightCupboard\Core\Day\Phase;
use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;

/** Lays a sheet out anew. What is ticked already stays; everything else becomes what the plan says now. */
final readonly class LayOutSheet
{
    public function __construct(
        private EntityManagerInterface $entities,
        private DayPlan $house,
        private LooksAgain $looks,
        private ClockInterface $clock,
    ) {}

    /** @return list<SheetTask> in the order of the sheet */
    public function __invoke(SheetBasis $basis, ?WorkDay $day): array
    {
        $swap = $basis->swap;
        $done = $open = [];
        foreach ($this->entities->getRepository(SheetTask::class)->findBy(['swap' => $swap, 'day' => $day], ['ordinal' => 'ASC']) as $task) {
            $task->isDone() ? $done[] = $task : $open[$task->key()] = $task;
        }
        $tasks = $this->withWhatIsToBeWiped($this->house->tasks($basis, $day), $done, $open);
        $tasks = [...$tasks, ...$this->looks->tasks($swap, $day)];
        WorkDays::working($swap, $day)->sheetBuilt($this->clock->now(), $basis->fingerprint());

        $sheet = [...$done, ...$this->laidOut($swap, $day, $tasks, $done, $open)];
        usort($sheet, static fn(SheetTask $a, SheetTask $b): int => $a->ordinal() <=> $b->ordinal());

        return $sheet;
    }

    /**
     * A spot that was emptied by a tick is still to be wiped, though nothing is to be taken down there any more.
     *
     * @param list<DayTask>            $tasks
     * @param list<SheetTask>          $done
     * @param array<string, SheetTask> $open by key
     *
     * @return list<DayTask>
     */
    private function withWhatIsToBeWiped(array $tasks, array $done, array $open): array
    {
        $emptied = [];
        foreach ($done as $one) {
            if (Phase::TakeDown === $one->task()->phase) {
                $emptied[$one->task()->spot ?? ''] = true;
            }
        }
        $known = array_fill_keys(array_map(static fn(DayTask $task): string => $task->key, $tasks), true);
        $wiped = [];
        foreach ($open as $key => $one) {
            if (Phase::Clean === $one->task()->phase && isset($emptied[$one->task()->spot ?? '']) && !isset($known[$key])) {
                $wiped[$one->task()->spot ?? ''] = $one->task();
            }
        }

        return [...array_values($wiped), ...array_map(
            static fn(DayTask $task): DayTask => Phase::SetUp === $task->phase && isset($wiped[$task->spot ?? ''])
                ? $task->alsoAfter($wiped[$task->spot]->key)
                : $task,
            $tasks,
        )];
    }

    /**
     * The open tasks of the sheet: those of before become what they are now, others come and go.
     *
     * @param list<DayTask>            $tasks
     * @param list<SheetTask>          $done
     * @param array<string, SheetTask> $open by key
     *
     * @return list<SheetTask>
     */
    private function laidOut(Swap $swap, ?WorkDay $day, array $tasks, array $done, array $open): array
    {
        $taken = array_fill_keys(array_map(static fn(SheetTask $task): int => $task->ordinal(), $done), true);
        $last = -1;
        $laid = [];
        foreach ($this->named($tasks, $done) as $task) {
            // What keeps its turn keeps its number: a tick renumbers nothing.
            $ordinal = max($last + 1, isset($open[$task->key]) ? $open[$task->key]->ordinal() : 0);
            while (isset($taken[$ordinal])) {
                ++$ordinal;
            }
            if (isset($open[$task->key])) {
                $open[$task->key]->revise($task, $ordinal);
            } else {
                $this->entities->persist($open[$task->key] = new SheetTask($swap, $task, $ordinal, $day));
            }
            $last = $ordinal;
            $laid[] = $open[$task->key];
            unset($open[$task->key]);
        }
        foreach ($open as $gone) {
            $this->entities->remove($gone);
        }

        return $laid;
    }

    /**
     * What is cleaned, made ready or shifted need not be so again; what is to be done a second time at the same place is called so.
     *
     * @param list<DayTask>   $tasks
     * @param list<SheetTask> $done
     *
     * @return list<DayTask>
     */
    private function named(array $tasks, array $done): array
    {
        $ticked = $steps = [];
        foreach ($done as $one) {
            $task = $one->task();
            $ticked[$one->key()] = true;
            if (Phase::SetUp === $task->phase) {
                $steps[$task->spot ?? ''] = [...$steps[$task->spot ?? ''] ?? [], ...$task->steps];
            }
        }
        $again = array_filter($tasks, static fn(DayTask $task): bool => !isset($ticked[$task->key]) || match ($task->phase) {
            Phase::Clean, Phase::Prepare, Phase::LookAgain => false,
            Phase::SetUp => [] !== $task->moves || [] !== array_diff($task->steps, $steps[$task->spot ?? ''] ?? []),
            default => true,
        });
        $names = [];
        foreach ($again as $task) {
            $name = $task->key;
            for ($time = 2; isset($ticked[$name]); ++$time) {
                $name = $task->key . '#' . $time;
            }
            $names[$task->key] = $name;
        }

        return array_values(array_map(static fn(DayTask $task): DayTask => $task->called($names), $again));
    }
}
