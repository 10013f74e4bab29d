<?php

declare(strict_types=1);

namespace App\Rooms;

/** A version of a spot, with what the coach says of it and what it would take from where. */
final readonly class VersionAnswer
{
    /**
     * @param list<PlacementAnswer> $placements
     * @param list<string>          $open       titles of what is not good
     * @param list<string>          $takes      what it takes from where, in words
     * @param list<string>          $elsewhere  what is planned on other spots, in words, and could be taken from there
     * @param list<string>          $lost       what is not free any more: lent, lost or gone
     */
    public function __construct(
        public string $id,
        public string $label,
        public array $placements,
        public ?int $score,
        public array $open,
        public float $momentLeft,
        public float $momentRight,
        public array $takes,
        public array $elsewhere,
        public array $lost,
    ) {}
}
