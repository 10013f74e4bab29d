<?php

declare(strict_types=1);

namespace App\Damage;

use BrightCupboard\Core\Stock\Damage;
use Symfony\Component\Validator\Constraints as Assert;

final readonly class DamageInput
{
    public function __construct(
        public string $piece,
        public Damage $damage,
        #[Assert\Range(min: 1, max: 1000, notInRangeMessage: 'Say how many: 1 to 1,000.')]
        public int $count,
    ) {}
}
