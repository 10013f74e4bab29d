<?php

declare(strict_types=1);

namespace App\Controller\Settle;

use App\Entity\Note;
use App\Entity\Role;
use App\Http\Allowed;
use App\UseCase\House\RemoveThing;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

#[AsController]
#[Allowed(Role::Helper)]
final readonly class RemoveNoteController
{
    public function __construct(private RemoveThing $remove) {}

    #[Route('/api/homes/{home}/notes/{note}', methods: ['DELETE'])]
    public function __invoke(Note $note): void
    {
        ($this->remove)($note);
    }
}
