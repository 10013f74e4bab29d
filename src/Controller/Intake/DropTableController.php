<?php

declare(strict_types=1);

namespace App\Controller\Intake;

use App\Entity\TableImport;
use App\UseCase\Intake\DropTable;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

#[AsController]
final readonly class DropTableController
{
    public function __construct(private DropTable $drop) {}

    #[Route('/api/homes/{home}/tables/{table}', methods: ['DELETE'])]
    public function __invoke(TableImport $table): void
    {
        ($this->drop)($table);
    }
}
