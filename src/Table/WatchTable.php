<?php

declare(strict_types=1);

namespace App\Table;

use App\Repository\Catalogue;
use App\Swaps\SwapState;
use BrightCupboard\Core\Day\Phase;
use BrightCupboard\Core\Table\Guard;
use BrightCupboard\Core\Table\TableGuards;
use Doctrine\ORM\EntityManagerInterface;

/** Watches the table of a swap for the classic mistakes. */
final readonly class WatchTable
{
    public function __construct(private Catalogue $catalogue, private EntityManagerInterface $entities) {}

    /** @return list<Guard> */
    public function __invoke(SwapState $state): array
    {
        $packed = $this->entities->createQuery(
            'SELECT COUNT(t.id) FROM App\Entity\SheetTask t WHERE t.swap = :swap AND t.phase = :phase AND t.doneAt IS NOT NULL',
        )->setParameter('swap', $state->swap)->setParameter('phase', Phase::PackAway)->getSingleScalarResult();

        return (new TableGuards())->watch($state->plan->fates(), $this->catalogue->sets($state->swap->home()), $state->plan->spotNames(), $packed > 0);
    }
}
