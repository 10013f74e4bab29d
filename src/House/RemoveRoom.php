<?php

declare(strict_types=1);

namespace App\House;

use App\Entity\Room;
use App\Entity\Spot;
use App\Http\Conflict;
use App\Journal\Journal;
use App\Repository\HouseRepository;
use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

/** Takes a room away once no spot is left in it. */
#[AsController]
final readonly class RemoveRoom
{
    public function __construct(
        private HouseRepository $house,
        private EntityManagerInterface $entities,
        private Journal $journal,
        private ClockInterface $clock,
    ) {}

    #[Route('/api/homes/{home}/rooms/{room}', methods: ['DELETE'])]
    public function __invoke(Room $room): void
    {
        $objection = $this->objection($room);
        if (null !== $objection) {
            throw new Conflict($objection);
        }
        $room->remove($this->clock->now());
        $this->journal->say(sprintf('%s is taken away', $room->name()));
        $this->entities->flush();
    }

    private function objection(Room $room): ?string
    {
        $spots = array_filter($this->house->spots($room->home()), static fn(Spot $spot): bool => $spot->room() === $room);

        return [] === $spots
            ? null
            : sprintf(
                '%s still has %d %s. Take them away or move them to another room first.',
                $room->name(),
                \count($spots),
                1 === \count($spots) ? 'spot' : 'spots',
            );
    }
}
