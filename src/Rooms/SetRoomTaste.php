<?php

declare(strict_types=1);

namespace App\Rooms;

use App\Entity\Room;
use App\Entity\Swap;
use App\Http\Body;
use App\Journal\Journal;
use App\Repository\HouseRepository;
use BrightCupboard\Core\Coach\Taste;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

/** Gives every spot of a room the same school, mood and ribbons; what was left as it is at one of them stays so. */
#[AsController]
final readonly class SetRoomTaste
{
    public function __construct(private HouseRepository $house, private EntityManagerInterface $entities, private Journal $journal, private ReadRooms $read) {}

    #[Route('/api/homes/{home}/swaps/{swap}/rooms/{room}/taste', methods: ['PUT'])]
    public function __invoke(Swap $swap, Room $room, #[Body] TasteInput $input): RoomsAnswer
    {
        TasteOfLook::require($swap->look()->look(), $input->ribbons);
        foreach ($this->house->spots($swap->home()) as $spot) {
            if ($spot->room() === $room) {
                $spot->judgeBy(new Taste($input->school, $input->mood, $spot->taste()->overruled, $input->ribbons));
            }
        }
        $this->journal->say([] === $input->ribbons
            ? sprintf('All of %s is judged alike', $room->name())
            : sprintf('%s is meant for all of %s', implode(', ', $input->ribbons), $room->name()));
        $this->entities->flush();

        return ($this->read)($swap);
    }
}
