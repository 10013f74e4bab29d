<?php

declare(strict_types=1);

namespace App\Totes;

use App\Entity\Tote;
use App\Http\Conflict;
use App\Journal\Journal;
use App\Repository\StandingRepository;
use BrightCupboard\Core\Stock\Place;
use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

/** Takes a tote away once it is empty. */
#[AsController]
final readonly class RemoveTote
{
    public function __construct(
        private StandingRepository $standing,
        private EntityManagerInterface $entities,
        private Journal $journal,
        private ClockInterface $clock,
    ) {}

    #[Route('/api/homes/{home}/totes/{tote}', methods: ['DELETE'])]
    public function __invoke(Tote $tote): void
    {
        $objection = $this->objection($tote);
        if (null !== $objection) {
            throw new Conflict($objection);
        }
        $tote->remove($this->clock->now());
        $this->journal->say(sprintf('Tote %s is taken away', $tote->code()));
        $this->entities->flush();
    }

    private function objection(Tote $tote): ?string
    {
        $units = $this->standing->unitsAt(Place::tote($tote->id()));

        return 0 === $units
            ? null
            : sprintf('Tote %s still holds %d %s. Move them to another tote first.', $tote->code(), $units, 1 === $units ? 'thing' : 'things');
    }
}
