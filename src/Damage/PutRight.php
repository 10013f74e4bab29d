<?php

declare(strict_types=1);

namespace App\Damage;

use App\Entity\FoundDamage;
use App\Journal\Journal;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

/** What was wrong is mended, or does not matter. */
#[AsController]
final readonly class PutRight
{
    public function __construct(private EntityManagerInterface $entities, private Journal $journal) {}

    #[Route('/api/homes/{home}/damages/{damage}', methods: ['DELETE'])]
    public function __invoke(FoundDamage $damage): void
    {
        $this->entities->remove($damage);
        $this->journal->say(sprintf('%s, %s: nothing to do any more', $damage->piece()->name(), $damage->damage()->value));
        $this->entities->flush();
    }
}
