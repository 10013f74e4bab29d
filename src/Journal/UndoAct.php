<?php

declare(strict_types=1);

namespace App\Journal;

use App\Entity\Home;
use App\Entity\Person;
use App\Entity\Role;
use App\Entity\Swap;
use App\Http\Allowed;
use App\Http\Conflict;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\HttpKernel\Exception\AccessDeniedHttpException;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** Takes any act back, whatever it was and whenever; taking back an undoing does the thing again. */
#[AsController]
#[Allowed(Role::Helper)]
final readonly class UndoAct
{
    public function __construct(private Entries $entries, private PutBack $putBack, private RunningAct $act, private EntityManagerInterface $entities) {}

    #[Route('/api/homes/{home}/journal/{entry}/undo', name: 'undoAct', methods: ['POST'])]
    #[Route('/api/homes/{home}/undo', name: 'undoLast', defaults: ['entry' => 'last'], methods: ['POST'])]
    #[Route('/api/homes/{home}/redo', name: 'redoLast', defaults: ['entry' => 'undone'], methods: ['POST'])]
    public function __invoke(Home $home, string $entry, #[CurrentUser] Person $by): UndoneAnswer
    {
        $taken = match ($entry) {
            'last' => $this->entries->lastOf($home->id(), $by->id()) ?? throw new Conflict('There is nothing of yours to undo here.'),
            'undone' => $this->entries->lastUndoingOf($home->id(), $by->id())
                ?? throw new Conflict('There is nothing to do again: only what was undone just now can be.'),
            default => $this->entries->find($home->id(), $entry) ?? throw new NotFoundHttpException('That is no longer in the journal.'),
        };
        $this->requireAllowed($home, $taken, $by);
        $this->putBack->rows($home->id(), $taken, $by->name());
        $this->act->takesBack($taken);
        if (null !== $taken->swap) {
            $this->act->inSwap($taken->swap);
        }
        $plain = preg_replace('/^(Undone|Done again): /', '', $taken->sentence);
        $said = sprintf($taken->isUndoing ? 'Done again: %s' : 'Undone: %s', $plain);
        $this->act->say($said);

        return new UndoneAnswer($said);
    }

    private function requireAllowed(Home $home, Entry $entry, Person $by): void
    {
        if ($entry->person !== $by->id() && Role::Stylist !== $by->roleIn($home->id())) {
            throw new AccessDeniedHttpException(sprintf('%s did that. As a helper you can undo what you did yourself.', $entry->by));
        }
        if (null !== $entry->takenBackBy) {
            throw new Conflict(sprintf('“%s” is undone already.', $entry->sentence));
        }
        $swap = null === $entry->swap ? null : $this->entities->find(Swap::class, $entry->swap);
        if (null !== $swap?->closedAt()) {
            throw new Conflict(sprintf('%s is closed and kept as it was, so “%s” stays done.', $swap->name(), $entry->sentence));
        }
    }
}
