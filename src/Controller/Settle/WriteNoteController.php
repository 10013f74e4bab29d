<?php

declare(strict_types=1);

namespace App\Controller\Settle;

use App\Entity\Person;
use App\Entity\Role;
use App\Entity\Swap;
use App\Http\Allowed;
use App\Http\Body;
use App\Input\NoteInput;
use App\UseCase\Settle\WriteNote;
use App\View\Settle\NoteView;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

#[AsController]
#[Allowed(Role::Helper)]
final readonly class WriteNoteController
{
    public function __construct(private WriteNote $write) {}

    #[Route('/api/homes/{home}/swaps/{swap}/notes', methods: ['POST'], defaults: ['_status' => 201])]
    public function __invoke(Swap $swap, #[CurrentUser] Person $person, #[Body] NoteInput $input): NoteView
    {
        return ($this->write)($swap, $input, $person);
    }
}
