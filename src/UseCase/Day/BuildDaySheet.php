<?php

declare(strict_types=1);

namespace App\UseCase\Day;

use App\Entity\SheetTask;
use App\Entity\Swap;
use App\Input\BuildDayInput;
use App\Time\Now;
use App\UseCase\Plan\OpenSwap;
use App\View\Day\DayView;
use BrightCupboard\Core\Swap\Phase;
use Doctrine\ORM\EntityManagerInterface;

/** Works the day out from where everything is now. What is ticked already stays; everything else is laid out anew. */
final readonly class BuildDaySheet
{
    public function __construct(private EntityManagerInterface $entities, private DayPlan $plan, private ReadDay $read, private Now $now) {}

    public function __invoke(Swap $swap, BuildDayInput $input): DayView
    {
        OpenSwap::require($swap);
        $this->entities->wrapInTransaction(function () use ($swap, $input): void {
            $done = [];
            foreach ($this->entities->getRepository(SheetTask::class)->findBy(['swap' => $swap], ['ordinal' => 'ASC']) as $task) {
                if ($task->isDone()) {
                    $done[] = $task;
                } else {
                    $this->entities->remove($task);
                }
            }
            $cleaned = array_map(static fn(SheetTask $task): string => $task->task()->key, array_filter($done, static fn(SheetTask $task): bool => Phase::Clean === $task->task()->phase));
            $ordinal = [] === $done ? 0 : max(array_map(static fn(SheetTask $task): int => $task->ordinal(), $done)) + 1;
            foreach ($this->plan->tasks($swap, $this->plan->plan($this->plan->state($swap))) as $task) {
                if (!\in_array($task->key, $cleaned, true)) {
                    $this->entities->persist(new SheetTask($swap, $task, $ordinal++));
                }
            }
            $swap->shareAmong($input->people);
            $swap->sheetBuilt(($this->now)(), $this->plan->fingerprint($swap));
        });

        return ($this->read)($swap);
    }
}
