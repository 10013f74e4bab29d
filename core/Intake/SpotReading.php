<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Intake;

use BrightCupboard\Core\Surface\Spot;

/** What a line says of a room and a spot in it. */
final readonly class SpotReading
{
    /**
     * @param string         $room      name of the room; empty when the line names none and none was walked into
     * @param Spot|null      $spot      null when the line only names a room, or something is left to ask
     * @param int            $focalRank how early it is dressed, 1 first
     * @param list<Question> $questions what must be answered before it can be taken in
     * @param string         $note      what is said of the spot beside its measures
     * @param list<string>   $remarks   what was made of the line beyond its words
     */
    public function __construct(
        public string $room,
        public ?Spot $spot,
        public int $focalRank,
        public array $questions,
        public string $note = '',
        public array $remarks = [],
    ) {}
}
