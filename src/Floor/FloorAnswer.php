<?php

declare(strict_types=1);

namespace App\Floor;

/** A floor from above: as it is and as the swap wants it. Lengths in tenths of a millimetre; null while nobody has measured it. */
final readonly class FloorAnswer
{
    /**
     * @param list<OpeningAnswer>   $openings
     * @param list<FurnitureAnswer> $furniture
     * @param list<string>          $now       what does not go as it is
     * @param list<string>          $planned   what would not go as planned
     * @param list<string>          $moves     what is to be moved, in working order
     * @param int                   $minutes   that moving it takes
     */
    public function __construct(
        public string $room,
        public ?int $width,
        public ?int $depth,
        public array $openings,
        public array $furniture,
        public array $now,
        public array $planned,
        public array $moves,
        public int $minutes,
        public bool $isForTwo,
        public int $version,
    ) {}
}
