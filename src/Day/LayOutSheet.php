<?php

declare(strict_types=1);

namespace App\Day;

use App\Entity\SheetTask;
use App\Entity\StoredTask;
use App\Entity\Swap;
use App\Entity\WorkDay;
use App\Repository\SheetRepository;
use BrightCupboard\Core\Day\DayTask;
use BrightCupboard\Core\Day\Phase;
use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;

/** Lays a sheet out anew. What is ticked already stays; everything else becomes what the plan says now. */
final readonly class LayOutSheet
{
    public function __construct(
        private EntityManagerInterface $entities,
        private SheetRepository $sheets,
        private DayPlan $house,
        private LooksAgain $looks,
        private ClockInterface $clock,
    ) {}

    /** @return list<StoredTask> in the order of the sheet */
    public function __invoke(SheetBasis $basis, ?WorkDay $day): array
    {
        $swap = $basis->swap;
        $done = $open = [];
        foreach ($this->sheets->of($swap, $day) as $one) {
            null === $one->tick ? $open[$one->task->key] = $one : $done[] = $one;
        }
        $tasks = $this->withWhatIsToBeWiped($this->house->tasks($basis, $day), $done, $open);
        $tasks = [...$tasks, ...$this->looks->tasks($swap, $day)];
        WorkDays::working($swap, $day)->sheetBuilt($this->clock->now(), $basis->fingerprint());

        $sheet = [...$done, ...$this->laidOut($swap, $day, $tasks, $done, $open)];
        usort($sheet, static fn(StoredTask $a, StoredTask $b): int => $a->ordinal <=> $b->ordinal);

        return $sheet;
    }

    /**
     * A spot that was emptied by a tick is still to be wiped, though nothing is to be taken down there any more.
     *
     * @param list<DayTask>             $tasks
     * @param list<StoredTask>          $done
     * @param array<string, StoredTask> $open by key
     *
     * @return list<DayTask>
     */
    private function withWhatIsToBeWiped(array $tasks, array $done, array $open): array
    {
        $emptied = [];
        foreach ($done as $one) {
            if (Phase::TakeDown === $one->task->phase) {
                $emptied[$one->task->spot ?? ''] = true;
            }
        }
        $known = array_fill_keys(array_map(static fn(DayTask $task): string => $task->key, $tasks), true);
        $wiped = [];
        foreach ($open as $key => $one) {
            if (Phase::Clean === $one->task->phase && isset($emptied[$one->task->spot ?? '']) && !isset($known[$key])) {
                $wiped[$one->task->spot ?? ''] = $one->task;
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
     * @param list<DayTask>             $tasks
     * @param list<StoredTask>          $done
     * @param array<string, StoredTask> $open by key
     *
     * @return list<StoredTask>
     */
    private function laidOut(Swap $swap, ?WorkDay $day, array $tasks, array $done, array $open): array
    {
        $taken = array_fill_keys(array_map(static fn(StoredTask $one): int => $one->ordinal, $done), true);
        $last = -1;
        $laid = $changed = [];
        foreach ($this->named($tasks, $done) as $task) {
            $before = $open[$task->key] ?? null;
            // What keeps its turn keeps its number: a tick renumbers nothing.
            $last = max($last + 1, $before->ordinal ?? 0);
            while (isset($taken[$last])) {
                ++$last;
            }
            if (null === $before) {
                $this->entities->persist($new = new SheetTask($swap, $task, $last, $day));
                $laid[] = $new->stored();
            } elseif ($before->is($task, $last)) {
                $laid[] = $before;
            } else {
                $changed[$before->id] = [$task, $last];
            }
            unset($open[$task->key]);
        }

        return [...$laid, ...$this->revised($changed, array_map(static fn(StoredTask $gone): string => $gone->id, array_values($open)))];
    }

    /**
     * Only what is otherwise than before is read as what can be changed.
     *
     * @param array<string, array{DayTask, int}> $changed what they become with their numbers, by id
     * @param list<string>                       $gone    ids
     *
     * @return list<StoredTask> those that changed
     */
    private function revised(array $changed, array $gone): array
    {
        $ids = [...array_keys($changed), ...$gone];
        $revised = [];
        foreach ([] === $ids ? [] : $this->entities->getRepository(SheetTask::class)->findBy(['id' => $ids]) as $one) {
            if (isset($changed[$one->id()])) {
                $one->revise(...$changed[$one->id()]);
                $revised[] = $one->stored();
            } else {
                $this->entities->remove($one);
            }
        }

        return $revised;
    }

    /**
     * What is cleaned, made ready or shifted need not be so again; what is to be done a second time at the same place is called so.
     *
     * @param list<DayTask>    $tasks
     * @param list<StoredTask> $done
     *
     * @return list<DayTask>
     */
    private function named(array $tasks, array $done): array
    {
        $ticked = $steps = [];
        foreach ($done as $one) {
            $task = $one->task;
            $ticked[$one->task->key] = true;
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
