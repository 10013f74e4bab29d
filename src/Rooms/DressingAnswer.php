<?php

declare(strict_types=1);

namespace App\Rooms;

use App\Haul\NeedAnswer;

/** One spot as it is planned: what stands where, what the coach says, who else could stand here. */
final readonly class DressingAnswer
{
    /**
     * @param list<PlacementAnswer> $placements
     * @param list<FindingAnswer>   $findings
     * @param list<PointAnswer>     $skyline
     * @param list<CandidateAnswer> $candidates
     * @param list<LeftOutAnswer>   $leftOut
     * @param list<NeedAnswer>      $needs
     * @param list<string>        $lastYear   notes written about this spot before
     */
    public function __construct(
        public string $spot,
        public array $placements,
        public array $findings,
        public float $momentLeft,
        public float $momentRight,
        public array $skyline,
        public array $candidates,
        public int $suitable,
        public array $leftOut,
        public array $needs,
        public array $lastYear,
    ) {}
}
