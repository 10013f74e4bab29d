<?php

declare(strict_types=1);

namespace App\UseCase\Day;

use App\Entity\SheetTask;
use App\Entity\Swap;
use App\Input\BuildDayInput;
use Psr\Clock\ClockInterface;
use App\UseCase\Plan\OpenSwap;
use App\View\Day\DayView;
use BrightCupboard\Core\Swap\DayTask;
use BrightCupboard\Core\Swap\Phase;
use Doctrine\ORM\EntityManagerInterface;

/** Works the day out from where everything is now. What is ticked already stays; everything else is laid out anew. */
final readonly class BuildDaySheet
{
    public function __construct(private EntityManagerInterface $entities, private DayPlan $plan, private ReadDay $read, private ClockInterface $clock) {}

    public function __invoke(Swap $swap, BuildDayInput $input): DayView
    {
        OpenSwap::require($swap);

        return $this->entities->wrapInTransaction(function () use ($swap, $input): DayView {
            $state = $this->plan->state($swap);
            $plan = $this->plan->plan($state);
            $fingerprint = $this->plan->fingerprint($state);
            $done = $open = [];
            foreach ($this->entities->getRepository(SheetTask::class)->findBy(['swap' => $swap], ['ordinal' => 'ASC']) as $task) {
                $task->isDone() ? $done[] = $task : $open[$task->key()] = $task;
            }
            $sheet = [...$done, ...$this->laidOut($swap, $this->plan->tasks($swap, $plan), $done, $open)];
            $swap->shareAmong($input->people);
            $swap->sheetBuilt($this->clock->now(), $fingerprint);
            $this->entities->flush();

            return $this->read->of($swap, $sheet, $state, $plan, $fingerprint);
        });
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
    private function laidOut(Swap $swap, array $tasks, array $done, array $open): array
    {
        $ordinal = max([0, ...array_map(static fn(SheetTask $task): int => $task->ordinal() + 1, $done)]);
        $laid = [];
        foreach ($this->named($tasks, $done) as $task) {
            if (isset($open[$task->key])) {
                $open[$task->key]->revise($task, $ordinal++);
            } else {
                $this->entities->persist($open[$task->key] = new SheetTask($swap, $task, $ordinal++));
            }
            $laid[] = $open[$task->key];
            unset($open[$task->key]);
        }
        foreach ($open as $gone) {
            $this->entities->remove($gone);
        }

        return $laid;
    }

    /**
     * What is cleaned need not be cleaned again; what is to be done a second time at the same place is called so.
     *
     * @param list<DayTask>   $tasks
     * @param list<SheetTask> $done
     *
     * @return list<DayTask>
     */
    private function named(array $tasks, array $done): array
    {
        $ticked = array_fill_keys(array_map(static fn(SheetTask $task): string => $task->key(), $done), true);
        $again = array_filter($tasks, static fn(DayTask $task): bool => Phase::Clean !== $task->phase || !isset($ticked[$task->key]));
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
