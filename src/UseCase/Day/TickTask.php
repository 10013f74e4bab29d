<?php

declare(strict_types=1);

namespace App\UseCase\Day;

use App\Entity\Person;
use App\Entity\Piece;
use App\Entity\SheetTask;
use App\Entity\UsedKey;
use App\Http\Conflict;
use App\Input\TickInput;
use App\Repository\HouseRepository;
use App\Repository\StandingRepository;
use Psr\Clock\ClockInterface;
use App\UseCase\Cupboard\StockBook;
use App\UseCase\Plan\OpenSwap;
use App\View\Day\DayView;
use BrightCupboard\Core\Stock\Move;
use BrightCupboard\Core\Stock\Place;
use Doctrine\DBAL\LockMode;
use Doctrine\ORM\EntityManagerInterface;

/** Ticks a task, which moves its units, or takes the tick back, which moves them back. Sent twice, it counts once. */
final readonly class TickTask
{
    public function __construct(private EntityManagerInterface $entities, private StockBook $book, private StandingRepository $standing, private HouseRepository $house, private ReadDay $read, private ClockInterface $clock) {}

    public function __invoke(SheetTask $task, TickInput $input, Person $by): DayView
    {
        OpenSwap::require($task->swap());
        $this->entities->wrapInTransaction(function () use ($task, $input, $by): void {
            $this->entities->refresh($task, LockMode::NONE);
            if (null !== $this->entities->find(UsedKey::class, UsedKey::scoped($task->home(), $input->key)) || $task->isDone() === $input->done) {
                return;
            }
            $this->entities->persist(new UsedKey($task->home(), $input->key, $this->clock->now()));
            $moves = $task->task()->moves;
            foreach ($input->done ? $moves : array_map(static fn(Move $move): Move => $move->back(), array_reverse($moves)) as $move) {
                $this->carry($task, $move, $input->done, $by->name());
            }
            $input->done ? $task->tick($this->clock->now(), $by->name()) : $task->untick();
        });

        return ($this->read)($task->swap());
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
