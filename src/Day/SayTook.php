<?php

declare(strict_types=1);

namespace App\Day;

use App\Entity\Role;
use App\Entity\SheetTask;
use App\Http\Allowed;
use App\Http\Body;
use App\Http\Conflict;
use App\Journal\Journal;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

/** Puts right how long a task really took; the home's own pace is made of it. */
#[AsController]
#[Allowed(Role::Helper)]
final readonly class SayTook
{
    public function __construct(private EntityManagerInterface $entities, private Journal $journal) {}

    #[Route('/api/homes/{home}/tasks/{task}/took', methods: ['PUT'])]
    public function __invoke(SheetTask $task, #[Body] TookInput $input): TickAnswer
    {
        if (!$task->isDone()) {
            throw new Conflict(sprintf('%s is not ticked yet. Tick it first, then say what it took.', $task->task()->title));
        }
        $task->tookMinutes($input->minutes);
        $this->journal->say(null === $input->minutes
            ? sprintf('Nobody knows what %s took', $task->task()->title)
            : sprintf('%s took %d min', $task->task()->title, $input->minutes));
        $this->entities->flush();

        return new TickAnswer($task->id(), true, $task->doneBy() ?? '');
    }
}
