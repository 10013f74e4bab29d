<?php

declare(strict_types=1);

namespace App\Faults;

use App\Entity\FoundFault;
use App\Entity\Home;
use App\Entity\Swap;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

/** What was found wrong with pieces of a home and is not put right yet. */
#[AsController]
final readonly class ReadFaults
{
    public function __construct(private EntityManagerInterface $entities) {}

    #[Route('/api/homes/{home}/faults', methods: ['GET'])]
    public function __invoke(Home $home): FoundFaultsAnswer
    {
        return new FoundFaultsAnswer(array_map(FoundFaultAnswer::of(...), $this->ofHome($home)));
    }

    /** @return list<FoundFault> of pieces that a swap of this season could use, and that no line of a haul puts right yet */
    public function unansweredFor(Swap $swap): array
    {
        return array_values(array_filter($this->ofHome($swap->home()), static fn(FoundFault $fault): bool => null === $fault->line() && $fault->piece()->isFor($swap->season())));
    }

    /** @return list<FoundFault> */
    private function ofHome(Home $home): array
    {
        /** @var list<FoundFault> $faults */
        $faults = $this->entities->createQuery('SELECT f, p, s FROM App\Entity\FoundFault f JOIN f.piece p JOIN f.swap s WHERE p.home = :home ORDER BY f.id')->setParameter('home', $home)->getResult();

        return $faults;
    }
}
