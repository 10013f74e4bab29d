<?php

declare(strict_types=1);

namespace App\Faults;

use App\Entity\FoundFault;
use App\Journal\Journal;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

/** What was wrong is mended, or does not matter. */
#[AsController]
final readonly class PutFaultRight
{
    public function __construct(private EntityManagerInterface $entities, private Journal $journal) {}

    #[Route('/api/homes/{home}/faults/{fault}', methods: ['DELETE'])]
    public function __invoke(FoundFault $fault): void
    {
        $this->entities->remove($fault);
        $this->journal->say(sprintf('%s, %s: nothing to do any more', $fault->piece()->name(), $fault->fault()->value));
        $this->entities->flush();
    }
}
