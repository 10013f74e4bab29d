<?php

declare(strict_types=1);

namespace App\View\Rooms;

use App\View\Haul\NeedView;

/** One spot as it is planned: what stands where, what the coach says, who else could stand here. */
final readonly class DressingView
{
    /**
     * @param list<PlacementView> $placements
     * @param list<FindingView>   $findings
     * @param list<PointView>     $skyline
     * @param list<CandidateView> $candidates
     * @param list<LeftOutView>   $leftOut
     * @param list<NeedView>      $needs
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
