<?php

declare(strict_types=1);

namespace App\Settle;

use App\Entity\Note;
use App\Entity\Role;
use App\Http\Allowed;
use App\Journal\Journal;
use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

/** Takes a note away. */
#[AsController]
#[Allowed(Role::Helper)]
final readonly class RemoveNote
{
    public function __construct(private EntityManagerInterface $entities, private Journal $journal, private ClockInterface $clock) {}

    #[Route('/api/homes/{home}/notes/{note}', methods: ['DELETE'])]
    public function __invoke(Note $note): void
    {
        $note->remove($this->clock->now());
        $this->journal->say(sprintf('The note “%s” is taken away', mb_strimwidth($note->text(), 0, 60, '…')));
        $this->entities->flush();
    }
}
