<?php

declare(strict_types=1);

namespace App\Day;

use Symfony\Component\Validator\Constraints as Assert;

final readonly class TookInput
{
    /** @param int|null $minutes null when nobody knows any more */
    public function __construct(
        #[Assert\Range(min: 1, max: 960, notInRangeMessage: 'A task takes from 1 minute to 16 hours.')]
        public ?int $minutes,
    ) {}
}
