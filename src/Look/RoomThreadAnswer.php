<?php

declare(strict_types=1);

namespace App\Look;

/** One room's part in the look; a bare room breaks nothing yet. */
final readonly class RoomThreadAnswer
{
    /**
     * @param list<float>             $shares
     * @param list<MissingRibbonAnswer> $missing
     * @param list<LonelyAccentAnswer>  $lonely
     * @param list<OwedRibbonAnswer>    $owed    ribbons that are meant for a dressed spot and not seen there
     * @param list<int>                 $without ribbons that are meant for no spot of the room
     */
    public function __construct(
        public string $room,
        public array $shares,
        public array $missing,
        public array $lonely,
        public bool $isBare,
        public array $owed,
        public array $without,
    ) {}
}
