<?php

declare(strict_types=1);

namespace App\House;

use App\Entity\Room;

final readonly class RoomAnswer
{
    private function __construct(public string $id, public string $name, public int $round, public int $version) {}

    public static function of(Room $room): self
    {
        return new self($room->id(), $room->name(), $room->round(), $room->version());
    }
}
