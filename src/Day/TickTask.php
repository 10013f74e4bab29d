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
    public function __construct(private EntityManagerInterface $entities, private StockBook $book, private StandingRepository $standing, private HouseRepository $house, private ReadDay $read, private ClockInterface $clock, private Journal $journal) {}

    #[Route('/api/homes/{home}/tasks/{task}', methods: ['PUT'])]
    public function __invoke(SheetTask $task, #[Body] TickInput $input, #[CurrentUser] Person $by): DayAnswer
    {
        $key = UsedKey::scoped($task->home(), $input->key, $input->done);
        if (null === $this->entities->find(UsedKey::class, $key) && $task->isDone() !== $input->done) {
            $this->entities->persist(new UsedKey($key, $this->clock->now()));
            $this->tick($task, $input->done, $by->name());
            $this->entities->flush();
        }

        return ($this->read)($task->swap());
    }

    private function tick(SheetTask $task, bool $done, string $by): void
    {
        $moves = $task->task()->moves;
        foreach ($done ? $moves : array_map(static fn(Move $move): Move => $move->back(), array_reverse($moves)) as $move) {
            $this->carry($task, $move, $done, $by);
        }
        $done ? $task->tick($this->clock->now(), $by) : $task->untick();
        $this->journal->say(sprintf($done ? '%s, %s: done' : '%s, %s: not done after all', ucfirst($task->task()->phase->value), $task->task()->title));
    }

    private function carry(SheetTask $task, Move $move, bool $done, string $by): void
    {
        $piece = $this->entities->find(Piece::class, $move->pieceId) ?? throw new Conflict('A piece of this task is not in the cupboard any more. Work the sheet out again.');
        if ($this->book->move($piece, $move, $by, sprintf($done ? '%s: %s' : '%s: %s, taken back', $task->task()->phase->value, $task->task()->title))) {
            return;
        }
        $where = [];
        foreach ($this->standing->ofPiece($piece)->of($piece->id()) as $key => $units) {
            $where[] = $this->house->placeName(Place::ofKey($key));
        }
        throw new Conflict(sprintf('%s is not on %s but at %s. %s', $piece->name(), $this->house->placeName($move->from), implode(' and ', $where), $done ? 'Tick the task that fetches it first, or work the sheet out again.' : 'Take back what was ticked after this first.'));
    }
}
