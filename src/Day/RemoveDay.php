<?php

declare(strict_types=1);

namespace App\Day;

use App\Entity\SheetTask;
use App\Entity\Swap;
use App\Entity\WorkDay;
use App\Http\Conflict;
use App\Journal\Journal;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

/** Takes a day from a swap; what was to be done on it is done on the swap day. */
#[AsController]
final readonly class RemoveDay
{
    public function __construct(private EntityManagerInterface $entities, private Journal $journal) {}

    #[Route('/api/homes/{home}/swaps/{swap}/days/{day}', methods: ['DELETE'])]
    public function __invoke(Swap $swap, WorkDay $day): void
    {
        $tasks = $this->entities->getRepository(SheetTask::class)->findBy(['swap' => $swap, 'day' => $day]);
        $done = array_filter($tasks, static fn(SheetTask $task): bool => $task->isDone());
        if ([] !== $done) {
            throw new Conflict(sprintf('%d of the tasks of %s are ticked. Take the ticks back first, or leave the day.', \count($done), $day->name()));
        }
        array_map($this->entities->remove(...), $tasks);
        $this->entities->remove($day);
        $this->journal->say(sprintf('%s is no day of %s any more', $day->name(), $swap->name()));
        $this->entities->flush();
    }
}
