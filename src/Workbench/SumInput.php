<?php

declare(strict_types=1);

namespace App\Workbench;

use Symfony\Component\Validator\Constraints as Assert;

/**
 * What a sum is reckoned from; what is left out is as usual. The swap says which pieces are free, the spot whose
 * own pieces count as free, the need what is bought for.
 */
final readonly class SumInput
{
    /** @param list<SumValueInput> $values */
    public function __construct(
        #[Assert\Count(max: 60)]
        #[Assert\Valid]
        public array $values,
        public ?string $swap = null,
        public ?string $spot = null,
        public ?string $need = null,
    ) {}
}
