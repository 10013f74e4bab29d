<?php

declare(strict_types=1);

namespace App\Controller\Haul;

use App\Entity\HaulLine;
use App\Entity\Person;
use App\Http\Body;
use App\Input\LineStateInput;
use App\UseCase\Haul\AdvanceLine;
use App\View\Haul\LineView;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

#[AsController]
final readonly class AdvanceLineController
{
    public function __construct(private AdvanceLine $advance) {}

    #[Route('/api/homes/{home}/lines/{line}/state', methods: ['PUT'])]
    public function __invoke(HaulLine $line, #[CurrentUser] Person $person, #[Body] LineStateInput $input): LineView
    {
        return ($this->advance)($line, $input, $person);
    }
}
