<?php

declare(strict_types=1);

namespace App\Faults;

use BrightCupboard\Core\Stock\Fault;
use Symfony\Component\Validator\Constraints as Assert;

final readonly class FaultInput
{
    public function __construct(
        public string $piece,
        public Fault $fault,
        #[Assert\Range(min: 1, max: 1000, notInRangeMessage: 'Say how many: 1 to 1,000.')]
        public int $count,
    ) {}
}
