<?php

declare(strict_types=1);

namespace App\House;

use App\Calendar\RenamedThings;
use App\Entity\Home;
use App\Entity\Room;
use App\Entity\Spot;
use App\Http\Body;
use App\Http\SameVersion;
use App\Journal\Journal;
use App\Repository\HouseRepository;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

/** Makes a room or changes one. */
#[AsController]
final readonly class KeepRoom
{
    public function __construct(
        private EntityManagerInterface $entities,
        private HouseRepository $house,
        private RenamedThings $renamed,
        private Journal $journal,
    ) {}

    #[Route('/api/homes/{home}/rooms', name: 'addRoom', methods: ['POST'], defaults: ['_status' => 201])]
    #[Route('/api/homes/{home}/rooms/{room}', name: 'changeRoom', methods: ['PUT'])]
    public function __invoke(Home $home, ?Room $room, #[Body] RoomInput $input): RoomAnswer
    {
        $isNew = null === $room;
        if ($isNew) {
            $room = new Room($home, trim($input->name), $input->round);
            $this->entities->persist($room);
        } else {
            SameVersion::check($input->version, $room->version(), 'This room', RoomAnswer::of($room));
            $spots = array_filter($this->house->spots($home), static fn(Spot $spot): bool => $spot->room() === $room);
            $this->renamed->follow($home, array_values(array_map(static fn(Spot $spot): string => $spot->id(), $spots)), $room->name(), trim($input->name));
            $room->describe(trim($input->name), $input->round);
        }
        $this->journal->say(sprintf($isNew ? '%s is a room of the house' : '%s is changed', $room->name()));
        $this->entities->flush();

        return RoomAnswer::of($room);
    }
}
