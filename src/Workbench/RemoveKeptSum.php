<?php

declare(strict_types=1);

namespace App\Workbench;

use App\Entity\KeptSum;
use App\Journal\Journal;
use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

/** A kept sum is not needed any more. */
#[AsController]
final readonly class RemoveKeptSum
{
    public function __construct(private EntityManagerInterface $entities, private Journal $journal, private ClockInterface $clock) {}

    #[Route('/api/homes/{home}/kept-sums/{kept}', methods: ['DELETE'])]
    public function __invoke(KeptSum $kept): void
    {
        $kept->remove($this->clock->now());
        $this->journal->say(sprintf('The sum “%s” is put away', $kept->name()));
        $this->entities->flush();
    }
}
