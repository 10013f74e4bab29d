<?php

declare(strict_types=1);

namespace App\UseCase\Intake;

use App\Entity\Piece;
use App\Entity\TableImport;
use Psr\Clock\ClockInterface;
use Doctrine\ORM\EntityManagerInterface;

/** Takes back what a table brought in: the pieces it made are removed, as by hand, and can be restored one by one. */
final readonly class DropTable
{
    public function __construct(private EntityManagerInterface $entities, private ClockInterface $clock) {}

    public function __invoke(TableImport $import): void
    {
        foreach ($import->made() as $id) {
            $this->entities->find(Piece::class, $id)?->remove($this->clock->now());
        }
        $this->entities->flush();
    }
}
