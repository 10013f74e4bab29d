<?php

declare(strict_types=1);

namespace App\Controller\Settle;

use App\Entity\Note;
use App\Entity\Role;
use App\Http\Allowed;
use App\UseCase\House\RestoreThing;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

#[AsController]
#[Allowed(Role::Helper)]
final readonly class RestoreNoteController
{
    public function __construct(private RestoreThing $restore) {}

    #[Route('/api/homes/{home}/notes/{note}/restore', methods: ['POST'])]
    public function __invoke(Note $note): void
    {
        ($this->restore)($note);
    }
}
