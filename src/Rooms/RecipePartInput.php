<?php

declare(strict_types=1);

namespace App\Rooms;

use BrightCupboard\Core\Draft\SpotRole;
use Symfony\Component\Validator\Constraints as Assert;

final readonly class RecipePartInput
{
    public function __construct(
        public SpotRole $role,
        #[Assert\Range(notInRangeMessage: 'Of each there are {{ min }} to {{ max }}.', min: 0, max: 99)]
        public int $count,
    ) {}
}
