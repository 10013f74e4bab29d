<?php

declare(strict_types=1);

namespace App\Settle;

use App\Entity\Note;
use App\Entity\Person;
use App\Entity\Role;
use App\Entity\Swap;
use App\Http\Allowed;
use App\Http\Body;
use App\Http\InvalidInput;
use App\Journal\Journal;
use App\Repository\HouseRepository;
use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

#[AsController]
#[Allowed(Role::Helper)]
final readonly class WriteNote
{
    public function __construct(
        private EntityManagerInterface $entities,
        private HouseRepository $house,
        private ClockInterface $clock,
        private Journal $journal,
    ) {}

    #[Route('/api/homes/{home}/swaps/{swap}/notes', methods: ['POST'], defaults: ['_status' => 201])]
    public function __invoke(Swap $swap, #[Body] NoteInput $input, #[CurrentUser] Person $by): NoteAnswer
    {
        $spot = null === $input->spot
            ? null
            : ($this->house->spot($swap->home(), $input->spot) ?? throw InvalidInput::at('spot', 'That spot is not there any more.'));
        $note = new Note($swap, $spot, trim($input->text), $this->clock->now(), $by->name());
        $this->entities->persist($note);
        $this->journal->say(sprintf('“%s” is noted', mb_strimwidth($note->text(), 0, 60, '…')));
        $this->entities->flush();

        return NoteAnswer::of($note);
    }
}
