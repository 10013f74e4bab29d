<?php

declare(strict_types=1);

namespace App\Controller\Intake;

use App\Entity\Home;
use App\Entity\Role;
use App\Http\Allowed;
use App\Http\Body;
use App\Input\IntakeInput;
use App\UseCase\Intake\ReadLine;
use App\View\Intake\IntakeView;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

#[AsController]
#[Allowed(Role::Guest)]
final readonly class ReadLineController
{
    public function __construct(private ReadLine $read) {}

    #[Route('/api/homes/{home}/intake/reading', methods: ['POST'])]
    public function __invoke(Home $home, #[Body] IntakeInput $input): IntakeView
    {
        return ($this->read)($home, $input);
    }
}
