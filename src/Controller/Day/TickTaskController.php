<?php

declare(strict_types=1);

namespace App\Controller\Day;

use App\Entity\Person;
use App\Entity\Role;
use App\Entity\SheetTask;
use App\Http\Allowed;
use App\Http\Body;
use App\Input\TickInput;
use App\UseCase\Day\TickTask;
use App\View\Day\DayView;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

#[AsController]
#[Allowed(Role::Helper)]
final readonly class TickTaskController
{
    public function __construct(private TickTask $tick) {}

    #[Route('/api/homes/{home}/tasks/{task}', methods: ['PUT'])]
    public function __invoke(SheetTask $task, #[CurrentUser] Person $person, #[Body] TickInput $input): DayView
    {
        return ($this->tick)($task, $input, $person);
    }
}
