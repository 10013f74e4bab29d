<?php

declare(strict_types=1);

namespace App\Rooms;

use BrightCupboard\Core\Coach\Check;
use BrightCupboard\Core\Look\BalanceSchool;
use Symfony\Component\Validator\Constraints as Assert;

/** By what a spot is judged: null where the look says it. */
final readonly class TasteInput
{
    /**
     * @param list<Check>  $overruled findings that are left as they are
     * @param list<string> $ribbons   names of the ribbons meant for the spot; all of the look when there are none
     */
    public function __construct(
        public ?BalanceSchool $school,
        #[Assert\Range(min: 0, max: 100, notInRangeMessage: 'A mood goes from {{ min }} (airy) to {{ max }} (layered).')]
        public ?int $mood,
        public array $overruled,
        #[Assert\Count(max: 8, maxMessage: 'A look has at most {{ limit }} ribbons.')]
        public array $ribbons = [],
    ) {}
}
