<?php

declare(strict_types=1);

namespace App\Intake;

use App\Entity\Piece;
use App\Entity\TableImport;
use App\Journal\Journal;
use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

/** Takes back what a table brought in: the pieces it made are removed, as by hand, and can be restored one by one. */
#[AsController]
final readonly class DropTable
{
    public function __construct(private EntityManagerInterface $entities, private ClockInterface $clock, private Journal $journal) {}

    #[Route('/api/homes/{home}/tables/{table}', methods: ['DELETE'])]
    public function __invoke(TableImport $table): void
    {
        foreach ($table->made() as $id) {
            $this->entities->find(Piece::class, $id)?->remove($this->clock->now());
        }
        $this->journal->say(sprintf('%d pieces from a sheet are taken back', \count($table->made())));
        $this->entities->flush();
    }
}
