<?php

declare(strict_types=1);

namespace App\Table;

use App\Entity\Swap;
use App\Repository\Catalogue;
use App\Swaps\Plans;
use BrightCupboard\Core\Day\Phase;
use BrightCupboard\Core\Table\TableGuards;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

/** Watches the table of a swap for the classic mistakes. */
#[AsController]
final readonly class WatchTable
{
    public function __construct(private Plans $plans, private Catalogue $catalogue, private EntityManagerInterface $entities) {}

    #[Route('/api/homes/{home}/swaps/{swap}/table/guards', methods: ['GET'])]
    public function __invoke(Swap $swap): GuardsAnswer
    {
        $state = $this->plans->of($swap);
        $packed = $this->entities->createQuery(
            'SELECT COUNT(t.id) FROM App\Entity\SheetTask t WHERE t.swap = :swap AND t.phase = :phase AND t.doneAt IS NOT NULL',
        )->setParameter('swap', $swap)->setParameter('phase', Phase::PackAway)->getSingleScalarResult();

        $guards = (new TableGuards())->watch($state->plan->fates(), $this->catalogue->sets($swap->home()), $state->plan->spotNames(), $packed > 0);

        return new GuardsAnswer(array_map(GuardAnswer::of(...), $guards));
    }
}
