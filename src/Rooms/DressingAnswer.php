<?php

declare(strict_types=1);

namespace App\Rooms;

use App\Haul\NeedAnswer;
use BrightCupboard\Core\Coach\HangingAim;
use BrightCupboard\Core\Look\BalanceSchool;

/** One spot as it is planned: what stands where, and what the coach says. */
final readonly class DressingAnswer
{
    /**
     * @param list<string>          $ribbons    names of those meant for this spot; none: the whole look
     * @param int                   $middle     of what can be dressed, about which the sides are weighed, in tenths of a millimetre
     * @param list<int>             $boards     heights of the boards or bands over the lowest, in tenths of a millimetre
     * @param list<PlacementAnswer> $placements
     * @param list<FindingAnswer>   $findings
     * @param float                 $momentMost what all of it would pull at one end
     * @param list<PointAnswer>     $skyline
     * @param list<NeedAnswer>      $needs
     * @param list<string>        $lastYear   notes written about this spot before
     */
    public function __construct(
        public string $spot,
        public ?BalanceSchool $school,
        public ?int $mood,
        public array $ribbons,
        public int $middle,
        public array $boards,
        public ?HangingAim $hangAt,
        public array $placements,
        public ?int $score,
        public array $findings,
        public float $momentLeft,
        public float $momentRight,
        public float $momentMost,
        public array $skyline,
        public array $needs,
        public array $lastYear,
    ) {}
}
