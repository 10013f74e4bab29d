<?php

declare(strict_types=1);

namespace App\House;

use App\Entity\Spot;
use App\Http\Conflict;
use App\Journal\Journal;
use App\Repository\PlacementRepository;
use App\Repository\StandingRepository;
use BrightCupboard\Core\Stock\Place;
use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

/** Takes a spot away once nothing stands there or is planned for it. */
#[AsController]
final readonly class RemoveSpot
{
    public function __construct(
        private StandingRepository $standing,
        private PlacementRepository $placements,
        private EntityManagerInterface $entities,
        private Journal $journal,
        private ClockInterface $clock,
    ) {}

    #[Route('/api/homes/{home}/spots/{spot}', methods: ['DELETE'])]
    public function __invoke(Spot $spot): void
    {
        $objection = $this->objection($spot);
        if (null !== $objection) {
            throw new Conflict($objection);
        }
        $spot->remove($this->clock->now());
        $this->journal->say(sprintf('%s is taken away', $spot->name()));
        $this->entities->flush();
    }

    private function objection(Spot $spot): ?string
    {
        $units = $this->standing->unitsAt(Place::spot($spot->id()));
        $planned = $this->placements->openAtSpot($spot);

        return match (true) {
            $units > 0 => sprintf('%d %s on %s. Move them first.', $units, 1 === $units ? 'thing stands' : 'things stand', $spot->name()),
            $planned > 0 => sprintf(
                'The running swap plans %d %s for %s. Take them off the plan first.',
                $planned,
                1 === $planned ? 'piece' : 'pieces',
                $spot->name(),
            ),
            default => null,
        };
    }
}
