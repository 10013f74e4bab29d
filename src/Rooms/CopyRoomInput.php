<?php

declare(strict_types=1);

namespace App\Rooms;

/** The room that is to be dressed like another. */
final readonly class CopyRoomInput
{
    /** @param string $onto id of the room */
    public function __construct(public string $onto) {}
}
