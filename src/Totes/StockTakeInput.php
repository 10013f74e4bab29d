<?php

declare(strict_types=1);

namespace App\Totes;

use Symfony\Component\Validator\Constraints as Assert;

/** What was counted in a tote; what is not named was not found. Only looked at unless it is to be kept. */
final readonly class StockTakeInput
{
    /** @param list<CountedInput> $counted */
    public function __construct(
        #[Assert\Valid]
        #[Assert\Count(max: 2000)]
        public array $counted,
        public bool $keep,
    ) {}
}
