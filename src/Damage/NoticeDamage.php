<?php

declare(strict_types=1);

namespace App\Damage;

use App\Cupboard\StockBook;
use App\Entity\FoundDamage;
use App\Entity\Person;
use App\Entity\Piece;
use App\Entity\Role;
use App\Entity\SheetTask;
use App\Http\Allowed;
use App\Http\Body;
use App\Http\Conflict;
use App\Http\Fields;
use App\Journal\Journal;
use BrightCupboard\Core\Day\Breakage;
use BrightCupboard\Core\Day\DayTask;
use BrightCupboard\Core\Stock\Move;
use BrightCupboard\Core\Stock\Place;
use BrightCupboard\Core\Stock\PlaceKind;
use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** What was wrong with the pieces of a task when they were handled. What broke leaves the home, and every task that would have moved it. */
#[AsController]
#[Allowed(Role::Helper)]
final readonly class NoticeDamage
{
    public function __construct(private EntityManagerInterface $entities, private StockBook $book, private ClockInterface $clock, private Journal $journal) {}

    #[Route('/api/homes/{home}/tasks/{task}/damages', methods: ['POST'], defaults: ['_status' => 201])]
    public function __invoke(SheetTask $task, #[Body] DamagesInput $input, #[CurrentUser] Person $by): FoundDamagesAnswer
    {
        if (!$task->isDone()) {
            throw new Conflict(sprintf('%s is not ticked yet. Tick it first, then say what was wrong.', $task->task()->title));
        }
        $this->refuseWhatIsNotIn($task, $input);
        $open = array_values(array_filter(
            $this->entities->getRepository(SheetTask::class)->findBy(['swap' => $task->swap()], ['ordinal' => 'ASC']),
            static fn(SheetTask $one): bool => !$one->isDone(),
        ));
        [$found, $said] = [[], []];
        foreach ($input->damages as $one) {
            $piece = $this->entities->find(Piece::class, $one->piece) ?? throw new \LogicException('A task moves pieces that are there.');
            if ($one->damage->isTheEnd()) {
                $this->part($task, $piece, $one->count, $open, $by->name());
            }
            $this->entities->persist($found[] = new FoundDamage(
                $piece,
                $task->swap(),
                $one->damage,
                $one->count,
                $this->clock->now()->setTime(0, 0),
                $by->name(),
            ));
            $said[] = sprintf('%s: %d %s', $piece->name(), $one->count, $one->damage->value);
        }
        $this->journal->say(implode('; ', $said));
        $this->entities->flush();

        return new FoundDamagesAnswer(array_map(FoundDamageAnswer::of(...), $found));
    }

    private function refuseWhatIsNotIn(SheetTask $task, DamagesInput $input): void
    {
        $units = $named = [];
        foreach ($task->task()->moves as $move) {
            $units[$move->pieceId] = ($units[$move->pieceId] ?? 0) + $move->count;
        }
        $fields = new Fields();
        foreach ($input->damages as $i => $one) {
            $named[$one->piece] = ($named[$one->piece] ?? 0) + $one->count;
            if (!isset($units[$one->piece])) {
                $fields->refuse(sprintf('damages[%d].piece', $i), 'This piece is not part of the task.');
            } elseif ($named[$one->piece] > $units[$one->piece]) {
                $fields->refuse(sprintf('damages[%d].count', $i), sprintf('The task has %d of it.', $units[$one->piece]));
            }
        }
        $fields->complete();
    }

    /** @param list<SheetTask> $open */
    private function part(SheetTask $task, Piece $piece, int $units, array $open, string $by): void
    {
        foreach ($task->task()->moves as $move) {
            $count = $move->pieceId === $piece->id() ? min($units, $move->count) : 0;
            if ($count > 0) {
                $this->partFrom($move->to, $piece, $count, $open, $by);
                $units -= $count;
            }
        }
    }

    /** @param list<SheetTask> $open */
    private function partFrom(Place $at, Piece $piece, int $units, array $open, string $by): void
    {
        $parted = Place::of(PlaceKind::Parted);
        if ($at->key() !== $parted->key() && null !== $this->book->carry([new Move($piece->id(), $units, $at, $parted)], $by, 'broken')) {
            throw new Conflict(sprintf('%s has been carried on since. Say it at the task that moved it last.', $piece->name()));
        }
        $left = Breakage::movesLeft(array_map(static fn(SheetTask $one): DayTask => $one->task(), $open), $piece->id(), $units, $at);
        foreach ($open as $one) {
            if (isset($left[$one->key()])) {
                $one->moveOnly($left[$one->key()]);
            }
        }
    }
}
