<?php

declare(strict_types=1);

namespace App\Rooms;

use BrightCupboard\Core\Coach\Check;
use BrightCupboard\Core\Look\BalanceSchool;
use Symfony\Component\Validator\Constraints as Assert;

/** By what a spot is judged: null where the look says it. */
final readonly class TasteInput
{
    /** @param list<Check> $overruled findings that are left as they are */
    public function __construct(
        public ?BalanceSchool $school,
        #[Assert\Range(min: 0, max: 100, notInRangeMessage: 'A mood goes from {{ min }} (airy) to {{ max }} (layered).')]
        public ?int $mood,
        public array $overruled,
    ) {}
}
