<?php

declare(strict_types=1);

namespace App\Day;

use App\Cupboard\StockBook;
use App\Entity\Person;
use App\Entity\Piece;
use App\Entity\Role;
use App\Entity\SheetTask;
use App\Entity\UsedKey;
use App\Http\Allowed;
use App\Http\Body;
use App\Http\Conflict;
use App\Journal\Journal;
use App\Repository\HouseRepository;
use App\Repository\StandingRepository;
use BrightCupboard\Core\Stock\Move;
use BrightCupboard\Core\Stock\Place;
use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** Ticks a task, which moves its units, or takes the tick back, which moves them back. Sent twice, it counts once. */
#[AsController]
#[Allowed(Role::Helper)]
final readonly class TickTask
{
    public function __construct(private EntityManagerInterface $entities, private StockBook $book, private StandingRepository $standing, private HouseRepository $house, private ClockInterface $clock, private Journal $journal, private Promises $promises) {}

    #[Route('/api/homes/{home}/tasks/{task}', methods: ['PUT'])]
    public function __invoke(SheetTask $task, #[Body] TickInput $input, #[CurrentUser] Person $by): TickAnswer
    {
        $key = UsedKey::scoped($task->home(), $input->key, $input->done);
        if (null === $this->entities->find(UsedKey::class, $key) && $task->isDone() !== $input->done) {
            $this->entities->persist(new UsedKey($key, $this->clock->now()));
            $this->tick($task, $input->done, $by->name());
            $this->entities->flush();
        }

        return new TickAnswer($task->id(), $task->isDone(), $task->doneBy() ?? '');
    }

    private function tick(SheetTask $task, bool $done, string $by): void
    {
        $this->promises->require($task);
        $moves = $done ? $task->task()->moves : array_map(static fn(Move $move): Move => $move->back(), array_reverse($task->task()->moves));
        $stuck = $this->book->carry($moves, $by, sprintf($done ? '%s: %s' : '%s: %s, taken back', $task->task()->phase->value, $task->task()->title));
        if (null !== $stuck) {
            throw $this->refusal($stuck, $done);
        }
        $done ? $task->tick($this->clock->now(), $by) : $task->untick();
        $this->journal->say(sprintf($done ? '%s, %s: done' : '%s, %s: not done after all', ucfirst($task->task()->phase->value), $task->task()->title));
    }

    private function refusal(Move $move, bool $done): Conflict
    {
        $piece = $this->entities->find(Piece::class, $move->pieceId);
        if (null === $piece) {
            return new Conflict('A piece of this task is not in the cupboard any more. Work the sheet out again.');
        }
        $where = [];
        foreach ($this->standing->ofPiece($piece)->of($piece->id()) as $key => $units) {
            $where[] = $this->house->placeName(Place::ofKey($key));
        }

        return new Conflict(sprintf('%s is not on %s but at %s. %s', $piece->name(), $this->house->placeName($move->from), implode(' and ', $where), $done ? 'Tick the task that fetches it first, or work the sheet out again.' : 'Take back what was ticked after this first.'));
    }
}
