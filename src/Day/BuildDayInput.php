<?php

declare(strict_types=1);

namespace App\Day;

use Symfony\Component\Validator\Constraints as Assert;

final readonly class BuildDayInput
{
    public function __construct(
        #[Assert\Range(min: 1, max: 6, notInRangeMessage: 'The sheet is for one to six people.')]
        public int $people,
    ) {}
}
