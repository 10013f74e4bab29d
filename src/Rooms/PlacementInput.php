<?php

declare(strict_types=1);

namespace App\Rooms;

use BrightCupboard\Core\Coach\PlaceSought;
use BrightCupboard\Core\Look\BalanceSchool;
use BrightCupboard\Core\Measure\LengthText;
use BrightCupboard\Core\Stock\Posture;
use BrightCupboard\Core\Surface\Layer;
use BrightCupboard\Core\Surface\Stance;
use Symfony\Component\Validator\Constraints as Assert;

/**
 * Where units of a piece stand on a spot; left edge and raise in whole tenths of a millimetre. A left edge of null
 * lets the core find the place; $at is the left edge as people write it, and comes before it. $dips are those of a garland, $face is
 * the name of the side that is turned to the front.
 */
final readonly class PlacementInput
{
    public function __construct(
        public string $piece,
        public string $spot,
        #[Assert\Range(min: 1, max: 99, notInRangeMessage: 'Between {{ min }} and {{ max }} can stand together, got {{ value }}.')]
        public int $count,
        #[Assert\Range(min: -20000, max: 200000, notInRangeMessage: 'That is too far off the ledge.')]
        public ?int $left,
        public ?Layer $layer,
        #[Assert\Range(min: 0, max: 20000, notInRangeMessage: 'At most 2 m over what it is on.')]
        public int $raise,
        public ?int $version = null,
        #[Assert\Range(min: 0, max: 11, notInRangeMessage: 'There is no such board.')]
        public int $tier = 0,
        public ?Posture $posture = null,
        public ?string $at = null,
        #[Assert\Range(min: 0, max: Stance::MOST_DIPS, notInRangeMessage: 'A garland has at most {{ max }} dips.')]
        public int $dips = 0,
        #[Assert\Length(max: 80)]
        public ?string $face = null,
    ) {}

    /** Where it is to stand, or how it is to be put where the core finds a place. */
    public function where(LengthText $lengths, BalanceSchool $school): Stance|PlaceSought
    {
        $left = null === $this->at ? $this->left : $lengths->read($this->at)->tenths();

        return null === $left
            ? new PlaceSought($school, $this->posture)
            : new Stance($left, $this->layer ?? Layer::Middle, $this->raise, $this->tier, $this->posture, $this->dips, '' === $this->face ? null : $this->face);
    }
}
