<?php

declare(strict_types=1);

namespace App\Workbench;

use App\Http\Name;
use BrightCupboard\Core\Sizing\Sums;
use Symfony\Component\Validator\Constraints as Assert;

/** A sum to keep: its name, its figures as they were written, and the swap and spot it is for. */
final readonly class KeptSumInput
{
    /** @param list<SumValueInput> $values */
    public function __construct(
        #[Name]
        public string $name,
        public Sums $sum,
        #[Assert\Count(max: 60)]
        #[Assert\Valid]
        public array $values,
        public ?string $swap = null,
        public ?string $spot = null,
        public ?int $version = null,
    ) {}
}
