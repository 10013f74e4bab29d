<?php

declare(strict_types=1);

namespace App\Controller\Intake;

use App\Entity\Person;
use App\Entity\TableImport;
use App\Http\Body;
use App\Input\TakeTableInput;
use App\UseCase\Intake\TakeTable;
use App\View\Intake\TableProgressView;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

#[AsController]
final readonly class TakeTableController
{
    public function __construct(private TakeTable $take) {}

    #[Route('/api/homes/{home}/tables/{table}', methods: ['PUT'])]
    public function __invoke(TableImport $table, #[CurrentUser] Person $person, #[Body] TakeTableInput $input): TableProgressView
    {
        return ($this->take)($table, $input, $person);
    }
}
