<?php

declare(strict_types=1);

namespace App\UseCase\House;

use App\Entity\Home;
use App\Entity\Room;
use App\Input\RoomInput;
use App\UseCase\SameVersion;
use App\View\House\RoomView;
use Doctrine\ORM\EntityManagerInterface;

/** Makes a room or changes one. */
final readonly class KeepRoom
{
    public function __construct(private EntityManagerInterface $entities) {}

    public function __invoke(Home $home, ?Room $room, RoomInput $input): RoomView
    {
        if (null === $room) {
            $room = new Room($home, trim($input->name), $input->round);
            $this->entities->persist($room);
        } else {
            SameVersion::check($input->version, $room->version(), 'This room', RoomView::of($room));
            $room->describe(trim($input->name), $input->round);
        }
        $this->entities->flush();

        return RoomView::of($room);
    }
}
