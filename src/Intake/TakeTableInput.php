<?php

declare(strict_types=1);

namespace App\Intake;

use Symfony\Component\Validator\Constraints as Assert;

/** How to take a table in: what cannot be read is left out only when told to, and so is what looks like something owned. */
final readonly class TakeTableInput
{
    public function __construct(
        public bool $leaveOutBad,
        public bool $leaveOutDoubles,
        #[Assert\Range(min: 1, max: 1000)]
        public int $most,
    ) {}
}
