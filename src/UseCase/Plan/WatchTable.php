<?php

declare(strict_types=1);

namespace App\UseCase\Plan;

use App\Repository\Catalogue;
use BrightCupboard\Core\Swap\Guard;
use BrightCupboard\Core\Swap\Phase;
use BrightCupboard\Core\Swap\TableGuards;
use Doctrine\ORM\EntityManagerInterface;

/** Watches the table of a swap for the classic mistakes. */
final readonly class WatchTable
{
    public function __construct(private Catalogue $catalogue, private Fates $fates, private EntityManagerInterface $entities) {}

    /** @return list<Guard> */
    public function __invoke(SwapState $state): array
    {
        $packed = $this->entities->createQuery('SELECT COUNT(t.id) FROM App\Entity\SheetTask t WHERE t.swap = :swap AND t.phase = :phase AND t.doneAt IS NOT NULL')->setParameter('swap', $state->swap)->setParameter('phase', Phase::PackAway)->getSingleScalarResult();

        return (new TableGuards())->watch($this->fates->of($state), $this->catalogue->sets($state->swap->home()), $this->fates->spotNames($state), $packed > 0);
    }
}
