<?php

declare(strict_types=1);

namespace App\Cupboard;

use App\Entity\Piece;
use App\Http\Conflict;
use App\Journal\Journal;
use App\Repository\PlacementRepository;
use App\Repository\StandingRepository;
use BrightCupboard\Core\Stock\Place;
use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

/** Takes a piece out of the books, unless the plan counts on it or it is put together from others. */
#[AsController]
final readonly class RemovePiece
{
    public function __construct(
        private StandingRepository $standing,
        private PlacementRepository $placements,
        private EntityManagerInterface $entities,
        private Journal $journal,
        private ClockInterface $clock,
    ) {}

    #[Route('/api/homes/{home}/pieces/{piece}', methods: ['DELETE'])]
    public function __invoke(Piece $piece): void
    {
        $objection = $this->objection($piece);
        if (null !== $objection) {
            throw new Conflict($objection);
        }
        $piece->remove($this->clock->now());
        $this->journal->say(sprintf('%s is deleted', $piece->name()));
        $this->entities->flush();
    }

    private function objection(Piece $piece): ?string
    {
        $planned = $this->placements->openOfPiece($piece);
        $within = $this->standing->unitsAt(Place::within($piece->id()));

        return match (true) {
            $planned > 0 => sprintf('The running swap has a place for %s. Take it off the plan first.', $piece->name()),
            $within > 0 => sprintf('%s is put together from %d %s. Take it apart first.', $piece->name(), $within, 1 === $within ? 'thing' : 'things'),
            default => null,
        };
    }
}
