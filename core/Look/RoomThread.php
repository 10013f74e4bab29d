<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Look;

/** How one room takes part in the look. */
final readonly class RoomThread
{
    /**
     * @param list<float>                            $shares  0 to 1 by ribbon, then what is nobody's; all 0 in a bare room
     * @param list<int>                              $missing ribbons that do not appear here; empty in a bare room, which breaks nothing yet
     * @param list<array{spot: string, ribbon: int}> $lonely  an accent that stands once in a spot of three or more pieces
     * @param list<array{spot: string, ribbon: int}> $owed    a ribbon that is meant for a dressed spot and not seen there
     * @param list<int>                              $without ribbons that are meant for no spot of the room
     */
    public function __construct(
        public string $room,
        public array $shares,
        public array $missing,
        public array $lonely,
        public bool $isBare,
        public array $owed = [],
        public array $without = [],
    ) {}
}
