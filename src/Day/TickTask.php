<?php

declare(strict_types=1);

namespace App\Day;

use App\Cupboard\StockBook;
use App\Entity\Person;
use App\Entity\Piece;
use App\Entity\Role;
use App\Entity\SheetTask;
use App\Entity\UsedKey;
use App\Floor\Floors;
use App\Http\Allowed;
use App\Http\Body;
use App\Http\Conflict;
use App\Journal\Journal;
use App\Repository\HouseRepository;
use App\Repository\StandingRepository;
use BrightCupboard\Core\Day\Phase;
use BrightCupboard\Core\Stock\Move;
use BrightCupboard\Core\Stock\Place;
use BrightCupboard\Core\Stock\PlaceKind;
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
    public function __construct(
        private EntityManagerInterface $entities,
        private StockBook $book,
        private StandingRepository $standing,
        private HouseRepository $house,
        private ClockInterface $clock,
        private Journal $journal,
        private Promises $promises,
        private Floors $floors,
    ) {}

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
        if (Phase::MoveFurniture === $task->task()->phase) {
            $this->floors->move($task->swap(), substr((string) strrchr($task->key(), ':'), 1), $done);
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
        $units = $this->standing->ofPiece($piece)->of($piece->id());
        $there = $units[$move->from->key()] ?? 0;
        unset($units[$move->from->key()]);
        $elsewhere = implode(' and ', array_map(fn(string $key): string => $this->whereabouts(Place::ofKey($key)), array_keys($units)));
        $from = $this->house->placeName($move->from);

        return new Conflict(sprintf(
            '%s. %s',
            0 === $there
                ? sprintf('%s is not on %s but %s', $piece->name(), $from, $elsewhere)
                : sprintf('%s: %d of %d on %s, the others %s', $piece->name(), $there, $move->count, $from, $elsewhere),
            $done ? 'Tick the task that fetches it first, or work the sheet out again.' : 'Take back what was done after this first.',
        ));
    }

    private function whereabouts(Place $place): string
    {
        return match ($place->kind) {
            PlaceKind::Parted => 'out of the home',
            PlaceKind::Lent, PlaceKind::Lost => $this->house->placeName($place),
            default => 'at ' . $this->house->placeName($place),
        };
    }
}
