<?php

declare(strict_types=1);

namespace App\Rooms;

final readonly class RoomCopyAnswer
{
    /** @param list<CopiedSpotAnswer> $spots those of the room that were dressed, focal ones first */
    public function __construct(public array $spots) {}
}
