<?php

declare(strict_types=1);

namespace App\Damage;

use Symfony\Component\Validator\Constraints as Assert;

final readonly class DamagesInput
{
    /** @param list<DamageInput> $damages */
    public function __construct(
        #[Assert\Valid]
        #[Assert\Count(min: 1, max: 200, minMessage: 'Say what is wrong with one of them first.')]
        public array $damages,
    ) {}
}
