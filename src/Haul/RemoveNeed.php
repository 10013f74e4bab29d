<?php

declare(strict_types=1);

namespace App\Haul;

use App\Entity\Need;
use App\Journal\Journal;
use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

/** A spot no longer wants what it wanted. */
#[AsController]
final readonly class RemoveNeed
{
    public function __construct(private EntityManagerInterface $entities, private Journal $journal, private ClockInterface $clock) {}

    #[Route('/api/homes/{home}/needs/{need}', methods: ['DELETE'])]
    public function __invoke(Need $need): void
    {
        $need->remove($this->clock->now());
        $this->journal->say(sprintf('“%s” is no longer wanted for %s', $need->text(), $need->spot()->name()));
        $this->entities->flush();
    }
}
