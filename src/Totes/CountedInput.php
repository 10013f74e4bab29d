<?php

declare(strict_types=1);

namespace App\Totes;

use Symfony\Component\Validator\Constraints as Assert;

final readonly class CountedInput
{
    public function __construct(
        public string $piece,
        #[Assert\Range(min: 0, max: 999, notInRangeMessage: 'Count from {{ min }} to {{ max }} units.')]
        public int $units,
    ) {}
}
